import type { ReactNode } from 'react';

/** A part of a tab under its own heading. */
export function Titled({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="mb-2 text-lg">{title}</h2>
      {children}
    </section>
  );
}
