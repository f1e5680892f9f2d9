import { useState } from 'react';
import { Link } from 'react-router';
import { useMay } from '@/api/session';
import type { ServedProcedure } from '@/api/types';
import { count } from '@/lib/typeset';
import { Empty, Loaded } from '@/ui/states';
import { useServed } from '../queries';

/** The library held against the crib: procedures that no tool here can carry out today, and what would; then which tools do the others. */
export function Served() {
  const query = useServed();
  return (
    <main className="grow px-7 pt-4 pb-7">
      <h1 className="text-2xl">What no tool here can do</h1>
      <Loaded query={query}>
        {({ procedures, lacking }) =>
          procedures.length === 0 ? (
            <Empty>No procedure is in force yet. Once one is approved, it is held against the tools of the crib here.</Empty>
          ) : (
            <>
              <p className="mt-1 text-lg">
                {lacking === 0
                  ? `Every one of the ${String(procedures.length)} procedures in force can be carried out with what is here today.`
                  : `${count(lacking, 'procedure')} of ${String(procedures.length)} in force cannot be carried out with what is here today.`}
              </p>
              <div className="mt-3 border-t border-line">
                {procedures.map((p) => (
                  <Procedure key={p.revision} procedure={p} />
                ))}
              </div>
            </>
          )
        }
      </Loaded>
    </main>
  );
}

function Procedure({ procedure: p }: { procedure: ServedProcedure }) {
  const may = useMay();
  const [open, setOpen] = useState(p.lacks > 0);
  const title = `${p.family}, ${p.joint}, ${p.option}`;
  return (
    <section aria-label={title} className="border-b border-hair py-2">
      <div className="flex items-baseline gap-4">
        <button type="button" aria-expanded={open} className="text-left" onClick={() => setOpen(!open)}>
          <span aria-hidden="true">{open ? '▾ ' : '▸ '}</span>
          <b>{p.joint}</b>, {p.option} <span className="text-soft">{p.family}</span>
        </button>
        <span className={p.lacks > 0 ? 'font-semibold text-fault' : 'text-soft'}>
          {p.lacks > 0
            ? `${count(p.lacks, 'thing')} that no tool here can do`
            : `with ${[...new Set(p.needs.map((n) => n.fit[0] ?? ''))].filter((c) => c !== '').join(', ')}`}
        </span>
        {may('read-library') && (
          <Link to={`/library/${p.revision}`} className="quiet ml-auto text-[15px]">
            revision {p.letter}
          </Link>
        )}
      </div>
      {open && <Needs needs={p.needs} />}
    </section>
  );
}

function Needs({ needs }: { needs: ServedProcedure['needs'] }) {
  return (
    <table className="mt-1 mb-2 w-full text-[15px]">
      <tbody>
        {needs.map((need, i) => (
          <tr key={i} className="border-t border-hair align-top">
            <td className="w-48 py-1 pl-5">{need.stage}</td>
            <td className="w-80 py-1 text-soft">
              {need.kind}, {need.asks}
            </td>
            <td className="py-1">
              {need.fit.length > 0 ? <b>{need.fit.join(', ')}</b> : <b className="text-fault">Wanted: {need.would}.</b>}
              {need.others.length > 0 && <Others others={need.others} open={need.fit.length === 0} />}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Others({ others, open }: { others: ServedProcedure['needs'][number]['others']; open: boolean }) {
  return (
    <details open={open}>
      <summary className="cursor-pointer text-soft">why not {others.map((o) => o.tool).join(', ')}</summary>
      <ul className="text-soft">
        {others.map((o) => (
          <li key={o.tool}>{o.why.join(' ')}</li>
        ))}
      </ul>
    </details>
  );
}
