import { Tabs as RadixTabs } from 'radix-ui';
import type { ReactNode } from 'react';

type Props = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  views: { key: string; name: string; note?: string; body: ReactNode }[];
  tight?: boolean;
};

/** Several views of one thing, one at a time; arrow keys go from name to name. */
export function Tabs({ label, value, onChange, views, tight = false }: Props) {
  return (
    <RadixTabs.Root value={value} onValueChange={onChange} className="flex min-h-0 grow flex-col">
      <RadixTabs.List aria-label={label} className={`no-print flex flex-wrap border-b border-hair px-7 ${tight ? 'gap-x-5' : 'gap-x-7'}`}>
        {views.map((view) => (
          <RadixTabs.Trigger
            key={view.key}
            value={view.key}
            className="border-b-[3px] border-transparent py-2 whitespace-nowrap text-soft hover:text-ink data-[state=active]:border-now data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {view.name}
            {view.note !== undefined && <span className="ml-1.5 font-semibold text-fault">{view.note}</span>}
          </RadixTabs.Trigger>
        ))}
      </RadixTabs.List>
      {views.map((view) => (
        <RadixTabs.Content key={view.key} value={view.key} className="min-h-0 grow" tabIndex={-1}>
          {view.body}
        </RadixTabs.Content>
      ))}
    </RadixTabs.Root>
  );
}
