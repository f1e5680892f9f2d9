import type { ReactNode } from 'react';
import { useMe, useSession } from '@/api/session';

/** The bench's top edge: what is worked at, and who is here. It holds nothing to be touched: that lies under +. */
export function BenchHeader({ children, partner = null }: { children: ReactNode; partner?: string | null }) {
  const me = useMe();
  const device = useSession().data?.device;
  return (
    <header className="flex h-14 shrink-0 items-center justify-between gap-4 border-b border-line px-7">
      <div className="flex items-baseline gap-5 overflow-hidden whitespace-nowrap">{children}</div>
      <p className="min-w-0 shrink-[999] truncate text-soft">
        {partner === null ? me.name : `${me.name} and ${partner}`}, {device?.name}
      </p>
    </header>
  );
}
