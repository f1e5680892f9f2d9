import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** What looks like a button and goes somewhere. */
export function ButtonLink({ to, main = false, children }: { to: string; main?: boolean; children: ReactNode }) {
  return (
    <Link
      to={to}
      className={`inline-block rounded border px-4 py-2 text-[15px] font-semibold whitespace-nowrap ${main ? 'border-now bg-now text-on-now hover:opacity-90' : 'border-line bg-sheet hover:bg-paper'}`}
    >
      {children}
    </Link>
  );
}
