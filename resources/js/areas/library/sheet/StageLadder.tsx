import type { RevisionSheet } from '@/api/types';
import { TableHead } from '@/ui/TableHead';
import { PictureRow } from './PictureRow';

type Props = { rungs: RevisionSheet['rungs']; round: number; onRound: (round: number) => void };

/** The tightening line grown into a ladder: a rung per round, a row per group, each with its window and who says so. */
export function StageLadder({ rungs, round, onRound }: Props) {
  return (
    <table className="w-full">
      <TableHead columns={[['round', 'w-14'], ['to', 'pr-3'], ['which', 'pr-3'], 'good from–to', 'target: from', 'window: from']} />
      {rungs.map((rung, i) => (
        <tbody key={rung.stage} className={i === round ? 'bg-sheet shadow-[inset_3px_0_0_var(--now)]' : ''}>
          {rung.rows.map((row, j) => (
            <tr key={row.whom} className={j === 0 ? 'h-10 border-t border-hair' : 'h-9'}>
              <td className="pl-3">
                {j === 0 && (
                  <button
                    type="button"
                    className="font-semibold underline decoration-hair underline-offset-4"
                    aria-label={`Round ${String(i + 1)} on the map`}
                    aria-pressed={i === round}
                    onClick={() => onRound(i)}
                  >
                    {i + 1}
                  </button>
                )}
              </td>
              <RowCells row={row} />
            </tr>
          ))}
          <tr className="border-b border-hair">
            <td />
            <td colSpan={5} className="pb-2 text-soft">
              {rung.how} {rung.why}
              <PictureRow pictures={rung.pictures} />
            </td>
          </tr>
        </tbody>
      ))}
    </table>
  );
}

/** What is reached, by which, in which window; a check or a seat without limits has the whole line. */
function RowCells({ row }: { row: RevisionSheet['rungs'][number]['rows'][number] }) {
  if (row.window === '' && row.target_from === null && row.window_from === null)
    return (
      <td colSpan={5} className="pr-3">
        <b className="text-lg font-semibold">{row.aim}</b> {row.whom}
      </td>
    );
  return (
    <>
      <td className="pr-3 text-lg font-semibold whitespace-nowrap">{row.aim}</td>
      <td className="pr-3">{row.whom}</td>
      <td className="pr-3 whitespace-nowrap">{row.window}</td>
      <td className="pr-3 whitespace-nowrap text-soft">{row.target_from ?? '–'}</td>
      <td className="whitespace-nowrap text-soft">{row.window_from ?? '–'}</td>
    </>
  );
}
