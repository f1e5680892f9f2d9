import { Link } from 'react-router';
import { useMay } from '@/api/session';
import type { ConflictRow } from '@/api/types';
import { Empty, Loaded } from '@/ui/states';
import { useConflicts } from '../queries';
import { SOURCE_KINDS, STATES } from '../words';

/** Where sources disagree, over all procedures: the undecided first. */
export function Conflicts() {
  return (
    <main className="px-7 py-5">
      <h1 className="text-2xl">Conflicts between sources</h1>
      <Loaded query={useConflicts()}>
        {({ conflicts }) =>
          conflicts.length === 0 ? (
            <Empty>Sources that say different things about one figure stand here. A conflict is written down in the procedure’s draft, under “Sources”.</Empty>
          ) : (
            <div className="mt-3">
              {[...conflicts]
                .sort((a, b) => Number(a.decided !== null) - Number(b.decided !== null))
                .map((c) => (
                  <Conflict key={c.procedure + c.key + (c.revision ?? '')} conflict={c} />
                ))}
            </div>
          )
        }
      </Loaded>
    </main>
  );
}

function Conflict({ conflict: c }: { conflict: ConflictRow }) {
  return (
    <article className="grid gap-x-7 gap-y-2 border-b border-hair py-4 lg:grid-cols-[17rem_1fr_20rem]">
      <Where conflict={c} />
      <div>
        <h2 className="font-semibold">{c.about}</h2>
        <table className="mt-1 w-full">
          <tbody>
            {c.sides.map((side) => (
              <tr key={side.source} className="align-top">
                <td className={`w-32 pr-4 ${c.decided === side.source ? 'font-semibold' : c.decided === null ? '' : 'text-soft line-through decoration-1'}`}>
                  {side.says}
                </td>
                <td className="text-soft">
                  {side.title}, {SOURCE_KINDS[side.kind] ?? side.kind}, <span className="whitespace-nowrap">{side.date}</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Decision conflict={c} />
    </article>
  );
}

/** The procedure it is about, linked for whoever may open it. */
function Where({ conflict: c }: { conflict: ConflictRow }) {
  const may = useMay();
  const to = c.revision === null ? `/library/drafts/${c.procedure}?part=sources` : `/library/${c.revision}?view=grounds`;
  return (
    <div>
      {c.revision !== null || may('draft-procedures') ? (
        <Link className="quiet font-semibold" to={to}>
          {c.title}
        </Link>
      ) : (
        <b>{c.title}</b>
      )}
      <p className="text-soft">
        revision {c.letter}, {STATES[c.state]}
      </p>
    </div>
  );
}

function Decision({ conflict: c }: { conflict: ConflictRow }) {
  const titleOf = (source: string | null) => c.sides.find((s) => s.source === source)?.title ?? source;
  if (c.decided === null)
    return (
      <p>
        <b className="text-fault">Not decided.</b>{' '}
        {c.governs === null ? c.why : `By the order of precedence ${titleOf(c.governs) ?? ''} would govern: ${c.why}`}
      </p>
    );
  return (
    <p>
      <b>{titleOf(c.decided)} is followed.</b> {c.reason}
      {c.governs !== null && c.governs !== c.decided && <span className="block text-fault">Against the order of precedence: {c.why}</span>}
    </p>
  );
}
