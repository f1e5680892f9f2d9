import type { ReactNode } from 'react';
import { useMe, useSession } from '@/api/session';

type Props = { children: ReactNode; holder?: { partner_name: string | null; supervisor_name: string | null } };

/** The bench's top edge: what is worked at, and who is here. It holds nothing to be touched: that lies under +. */
export function BenchHeader({ children, holder }: Props) {
  const me = useMe();
  const device = useSession().data?.device;
  return (
    <header className="flex h-14 shrink-0 items-center justify-between gap-4 border-b border-line px-7">
      <div className="flex items-baseline gap-5 overflow-hidden whitespace-nowrap">{children}</div>
      <p className="min-w-0 shrink-[999] truncate text-soft">
        {[me.name, ...(holder?.partner_name == null ? [] : [holder.partner_name])].join(' and ')}
        {holder?.supervisor_name != null && `, under ${holder.supervisor_name}`}, {device?.name}
      </p>
    </header>
  );
}
