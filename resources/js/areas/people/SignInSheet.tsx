import type { ReactNode } from 'react';

/** The page before the work: what this is, whose shop it is, and the standing caution. */
export function SignInSheet({ title, shop, children }: { title: string; shop: string; children: ReactNode }) {
  return (
    <main className="grid min-h-screen grid-cols-1 md:grid-cols-[1fr_30rem]">
      <section className="flex flex-col justify-between border-r border-line p-10">
        <div>
          <p className="wide text-5xl font-bold">Tekkal</p>
          <p className="mt-3 max-w-md text-xl text-soft">Tightening, fastener by fastener, and the record of it. {shop}.</p>
        </div>
        <PaintedHead />
        <p className="max-w-2xl text-sm text-soft">
          The engine or hardware maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern; Tekkal’s estimates
          replace none of them.
        </p>
      </section>
      <section className="flex flex-col justify-center p-10">
        <h1 className="mb-6 text-2xl">{title}</h1>
        {children}
      </section>
    </main>
  );
}

function PaintedHead() {
  return (
    <svg viewBox="0 0 200 200" className="mx-auto h-[46vh] max-h-[420px]" aria-hidden="true">
      <circle cx={100} cy={100} r={92} fill="var(--casting)" stroke="var(--casting-edge)" strokeWidth={1.4} />
      <circle cx={100} cy={100} r={74} fill="var(--paper)" stroke="var(--metal-edge)" strokeWidth={2.4} />
      <polygon points="155,107 122,151 68,145 45,93 78,49 132,55" fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={3} strokeLinejoin="round" />
      <path d="M56 154 L146 44" stroke="var(--paint)" strokeWidth={15} strokeLinecap="round" />
      <path d="M42 62 L158 140" stroke="var(--paint)" strokeWidth={15} strokeLinecap="round" />
    </svg>
  );
}
