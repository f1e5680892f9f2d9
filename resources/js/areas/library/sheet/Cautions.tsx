import type { RevisionSheet } from '@/api/types';

/** What is on the surfaces, and what can hurt. */
export function Cautions({ surfaces, cautions }: Pick<RevisionSheet, 'surfaces' | 'cautions'>) {
  return (
    <div className="mt-4 grid gap-5 sm:grid-cols-[2fr_3fr]">
      <section>
        <h2 className="text-lg">Surfaces</h2>
        <dl className="mt-1">
          {surfaces.map((s, i) => (
            <div key={i} className="flex justify-between gap-3 border-b border-hair py-1.5">
              <dt className="text-soft">{s.surface}</dt>
              <dd className="text-right">{s.condition}</dd>
            </div>
          ))}
        </dl>
      </section>
      <section>
        <h2 className="text-lg">Cautions</h2>
        <ul className="mt-1">
          {cautions.map((c) => (
            <li key={c} className="border-b border-hair py-1.5">
              {c}
            </li>
          ))}
          <li className="py-1.5 text-sm text-soft">
            The engine or hardware maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.
          </li>
        </ul>
      </section>
    </div>
  );
}
