import type { Challenge, RevisionSheet } from '@/api/types';
import { Empty } from '@/ui/states';
import { TableHead } from '@/ui/TableHead';
import { SOURCE_KINDS } from '../words';
import { LoadPlot } from './LoadPlot';

/** Why each figure is what it is: what the sources say, what was doubted, what it does to the joint. */
export function GroundsView({ sheet }: { sheet: RevisionSheet }) {
  return (
    <div className="grid grow grid-cols-1 lg:grid-cols-2">
      <div className="px-7 py-5 lg:border-r lg:border-line">
        <h2 className="text-lg">What the sources say, side by side</h2>
        <SideBySide sheet={sheet} />
        <h2 className="mt-6 text-lg">Sources</h2>
        <ul className="mt-1">
          {sheet.sources.map((s) => (
            <li key={s.key} className="border-b border-hair py-1.5">
              {s.title}, {s.edition}, {s.date}, p. {s.page}
              <span className="text-soft">
                {' '}
                {SOURCE_KINDS[s.kind] ?? s.kind}
                {s.record !== undefined && `, ${s.record}`}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <div className="px-7 py-5">
        <h2 className="text-lg">Clamp load, by estimate</h2>
        <div className="mt-2">
          <LoadPlot bands={sheet.bands} />
        </div>
        <h2 className="mt-6 text-lg">Doubts and their answers</h2>
        <Doubts challenges={sheet.challenges} answers={sheet.answers} />
      </div>
    </div>
  );
}

function SideBySide({ sheet }: { sheet: RevisionSheet }) {
  const sources = [...new Set(sheet.side_by_side.flatMap((row) => row.sides.map((s) => s.source)))];
  const titleOf = (key: string) => sheet.sources.find((s) => s.key === key)?.title ?? key;
  if (sources.length === 0) return <Empty>No target cites a source.</Empty>;
  return (
    <table className="mt-1 w-full">
      <TableHead columns={[['round', 'w-40'], ...sources.map((s) => [titleOf(s), 'pr-3'] as const)]} />
      <tbody>
        {sheet.side_by_side.map((row) => (
          <tr key={row.stage + row.round} className="border-b border-hair align-top">
            <td className="py-1.5 pr-4 font-semibold">{row.round}</td>
            {sources.map((source) => (
              <Says key={source} sides={row.sides.filter((s) => s.source === source)} differ={row.differ} />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What one source says of one round; where sources differ, whether it is followed. */
function Says({ sides, differ }: { sides: RevisionSheet['side_by_side'][number]['sides']; differ: boolean }) {
  return (
    <td className="py-1.5 pr-3">
      {sides.length === 0 && <span className="text-soft">–</span>}
      {sides.map((s) => (
        <span key={s.says} className={`block ${differ ? (s.followed ? 'font-semibold' : 'text-fault line-through decoration-1') : ''}`}>
          {s.says}
        </span>
      ))}
    </td>
  );
}

function Doubts({ challenges, answers }: { challenges: Challenge[]; answers: Record<string, string> }) {
  if (challenges.length === 0) return <p className="mt-1 text-soft">Nothing looks implausible.</p>;
  return (
    <ul className="mt-1">
      {challenges.map((c) => (
        <li key={c.key} className="border-b border-hair py-2">
          <p>{c.sentence}</p>
          {c.plausible !== null && <p className="text-soft">Plausible would be {c.plausible}.</p>}
          {answers[c.key] === undefined ? (
            <p className="font-semibold text-fault">Not answered</p>
          ) : (
            <p className="border-l-2 border-ink pl-3">{answers[c.key]}</p>
          )}
        </li>
      ))}
    </ul>
  );
}
