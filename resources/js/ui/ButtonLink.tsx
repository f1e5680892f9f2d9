import type { ReactNode } from 'react';
import { Link } from 'react-router';

const face = (main: boolean, wide = false) =>
  `inline-block ${wide ? 'min-w-44 text-center' : ''} rounded border px-4 py-2 text-[15px] font-semibold whitespace-nowrap ${main ? 'border-now bg-now text-on-now hover:opacity-90' : 'border-line bg-sheet hover:bg-paper'}`;

/** What looks like a button and goes somewhere. */
export function ButtonLink({ to, main = false, wide = false, children }: { to: string; main?: boolean; wide?: boolean; children: ReactNode }) {
  return (
    <Link to={to} className={face(main, wide)}>
      {children}
    </Link>
  );
}

/** What looks like a button and opens a file beside the application, or saves it. */
export function FileLink({ href, main = false, saves = false, children }: { href: string; main?: boolean; saves?: boolean; children: ReactNode }) {
  return (
    <a className={face(main)} href={href} {...(saves ? { download: true } : { target: '_blank', rel: 'noreferrer' })}>
      {children}
    </a>
  );
}
