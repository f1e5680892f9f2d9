import { differences } from '@/lib/differences';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { TableHead } from '@/ui/TableHead';
import type { Saving, Work } from './editor';

type Props = { mine: Work; conflict: Extract<Saving, { state: 'conflict' }>; onSettle: (which: 'mine' | 'theirs') => void };

const SHOWN = 40;

/** The draft was saved elsewhere meanwhile: both versions, and which to go on with. Nothing is overwritten before that. */
export function ConflictPanel({ mine, conflict, onSettle }: Props) {
  const all = differences({ ...mine.doc, 'answers to doubts': mine.answers }, { ...conflict.theirs.document, 'answers to doubts': conflict.theirs.answers });
  return (
    <section role="alert" className="border-b border-line bg-fault-ground px-7 py-4">
      <h2 className="text-lg text-fault">{conflict.sentence}</h2>
      <table className="mt-2 w-full table-fixed">
        <TableHead columns={['where', 'on this screen', `as ${conflict.theirs.saved_by ?? 'somebody'} saved it`]} />
        <tbody>
          {all.slice(0, SHOWN).map((d) => (
            <tr key={d.path} className="border-b border-hair align-top">
              <td className="py-1 pr-4">{d.path}</td>
              <td className="truncate py-1 pr-4" title={d.mine}>
                {d.mine}
              </td>
              <td className="truncate py-1" title={d.theirs}>
                {d.theirs}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {all.length > SHOWN && <p className="mt-1 text-soft">and {count(all.length - SHOWN, 'more difference')}</p>}
      <p className="mt-3 flex items-center gap-3">
        <Button onClick={() => onSettle('mine')}>Go on with what is on this screen</Button>
        <Button onClick={() => onSettle('theirs')}>Go on with theirs</Button>
        <span className="text-soft">Undo brings the other one back.</span>
      </p>
    </section>
  );
}
