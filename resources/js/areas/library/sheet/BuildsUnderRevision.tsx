import { Link } from 'react-router';
import { count } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';
import type { MadeTo } from '../queries';

const JUDGED = [
  ['inside', 'pr-5 text-right'],
  ['outside', 'text-right'],
  ['which', 'pl-5'],
] as const;

function notes(b: MadeTo['builds'][number]): string[] {
  return [
    ...b.outside,
    ...(b.not_comparable > 0 ? [`${count(b.not_comparable, 'result')} cannot be compared`] : []),
    ...(b.without_result > 0 ? [`${count(b.without_result, 'step')} without a result`] : []),
  ];
}

/** Builds made to a revision; where another is in force, what their results are worth by that one. */
export function BuildsUnderRevision({ made, revision }: { made: MadeTo; revision: string }) {
  const by = made.by?.id === revision ? null : made.by;
  if (made.builds.length === 0) return <p className="mt-1 text-soft">None.</p>;
  return (
    <>
      {by && <p className="mt-1 text-soft">Their results judged again by revision {by.letter}, which is in force.</p>}
      <table className="mt-1 w-full">
        <TableHead columns={['build', ...(by ? JUDGED : [])]} />
        <tbody>
          {made.builds.map((b) => (
            <tr key={b.run} className="border-b border-hair align-top">
              <td className="py-1.5 whitespace-nowrap">
                <Link className="quiet" to={`/audit/${b.subject}`}>
                  {b.title}
                </Link>{' '}
                <span className="text-soft">{b.state}</span>
              </td>
              {by && <Judged build={b} />}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Judged({ build }: { build: MadeTo['builds'][number] }) {
  return (
    <>
      <td className="py-1.5 pr-5 text-right">{build.in}</td>
      <td className={`py-1.5 text-right ${build.out > 0 ? 'font-semibold text-fault' : ''}`}>{build.out}</td>
      <td className="py-1.5 pl-5 text-soft">
        {notes(build).map((note) => (
          <span key={note} className="block">
            {note}
          </span>
        ))}
      </td>
    </>
  );
}
