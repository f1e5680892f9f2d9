import { Link } from 'react-router';
import { useMay } from '@/api/session';
import type { ProcedureRow } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { TableHead } from '@/ui/TableHead';
import { Empty } from '@/ui/states';
import { STATES } from './words';

/** Procedures, each with its joint's picture and its tightening line. A family is named once. */
export function ProcedureTable({ rows, narrowed }: { rows: ProcedureRow[]; narrowed: boolean }) {
  if (rows.length === 0)
    return (
      <Empty>
        {narrowed
          ? 'No procedure has that. Ask for less, or for something else that stands on its sheet, on its bolt heads or in its targets.'
          : 'Engine families and their procedures belong here. None has been written yet: begin with a family and its joints.'}
      </Empty>
    );
  return (
    <table className="mt-3 w-full">
      <TableHead columns={['joint, hardware', '', 'tightening line', ['fasteners', 'pr-4 text-right'], 'thread', 'marking', ['revision', 'w-52']]} />
      <tbody>
        {rows.map((row, i) => (
          <Row key={row.id} row={row} first={row.family !== rows[i - 1]?.family} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ row, first }: { row: ProcedureRow; first: boolean }) {
  return (
    <>
      {first && (
        <tr className="border-b border-hair">
          <th scope="colgroup" colSpan={7} className="pt-4 pb-1 text-base font-semibold text-ink">
            {row.family}
          </th>
        </tr>
      )}
      <tr className="border-b border-hair">
        <td className="py-2 pr-4 leading-tight">
          <span className="font-semibold">{row.joint}</span>
          <br />
          <span className="text-sm text-soft">{row.option}</span>
        </td>
        <td className="w-36 pr-5">
          {row.sketch !== null && (
            <span className="block h-12 w-32">
              <JointMap sketch={row.sketch} detail="small" label={`Map of the ${row.joint}`} />
            </span>
          )}
        </td>
        <td className="pr-5 text-[17px] leading-snug font-semibold">
          <TighteningLine row={row} />
        </td>
        <td className="pr-4 text-right">{row.fasteners || ''}</td>
        <td className="pr-4">
          <Lines texts={row.threads} />
        </td>
        <td className="pr-4">
          <Lines texts={row.markings} />
        </td>
        <Standing row={row} />
      </tr>
    </>
  );
}

function TighteningLine({ row }: { row: ProcedureRow }) {
  const may = useMay();
  const line = row.line === '' ? 'nothing written yet' : row.line;
  if (row.revision === null && !may('draft-procedures')) return line;
  return (
    <Link className="quiet" to={row.revision === null ? `/library/drafts/${row.id}` : `/library/${row.revision}`}>
      {line}
    </Link>
  );
}

/** Which revision holds, what comes after it, and what it lacks. */
function Standing({ row }: { row: ProcedureRow }) {
  return (
    <td className="leading-tight">
      <b>{row.letter}</b> <span className="text-soft">{STATES[row.state]}</span>
      {row.ahead !== null && <span className="text-soft">; next {row.ahead === 'draft' ? 'being written' : 'in review'}</span>}
      {row.missing && <span className="block text-sm text-fault">a value is missing</span>}
      {row.conflicts > 0 && <span className="block text-sm text-fault">sources disagree, not decided</span>}
    </td>
  );
}
function Lines({ texts }: { texts: string[] }) {
  return texts.map((text) => (
    <span key={text} className="block leading-tight whitespace-nowrap">
      {text}
    </span>
  ));
}
