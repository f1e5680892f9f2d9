import { Select } from 'radix-ui';
import { useId } from 'react';

type Props = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: { value: string; text: string }[];
  placeholder: string;
  error?: string | null;
  /** Said to a screen reader only. */
  hideLabel?: boolean;
};

/** One of several, as a drop-down that works by keyboard and finger. */
export function Choice({ label, value, onChange, options, placeholder, error, hideLabel = false }: Props) {
  const id = useId();
  return (
    <div>
      <span id={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm text-soft'}>
        {label}
      </span>
      <Select.Root value={value} onValueChange={onChange}>
        <Select.Trigger
          aria-labelledby={id}
          className={`flex h-[42px] w-full items-center justify-between gap-2 rounded border bg-sheet px-3 text-left whitespace-nowrap data-[placeholder]:text-soft ${error ? 'border-fault' : 'border-line'}`}
        >
          <Select.Value placeholder={placeholder} />
          <Select.Icon aria-hidden="true">▾</Select.Icon>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            className="z-50 max-h-72 min-w-[var(--radix-select-trigger-width)] overflow-auto rounded border border-line bg-sheet shadow-lg"
          >
            <Select.Viewport>
              {options.map((option) => (
                <Select.Item
                  key={option.value}
                  value={option.value}
                  className="cursor-pointer px-3 py-2 outline-none data-[highlighted]:bg-now data-[highlighted]:text-on-now"
                >
                  <Select.ItemText>{option.text}</Select.ItemText>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
      {error && <p className="mt-1 text-sm text-fault">{error}</p>}
    </div>
  );
}
