import { useZone } from '@/api/session';
import type { ResultLine } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';

type Props = { lines: ResultLine[]; stages: string[]; picked: string | null; onPick: (position: string) => void };

/** Every result, and every step that is still missing one. */
export function ResultTable({ lines, stages, picked, onPick }: Props) {
  const zone = useZone();
  return (
    <div className="mt-8 overflow-x-auto">
      <table className="w-full text-[15px]">
        <thead>
          <tr className="border-b border-line text-sm">
            <th className="py-1.5">round</th>
            <th className="pr-5 text-right">bolt</th>
            <th className="text-right">as given</th>
            <th className="pr-6 text-right">in N·m or °</th>
            <th className="pr-5">good from–to</th>
            <th>verdict</th>
            <th>evidence</th>
            <th>tool</th>
            <th>person</th>
            <th className="text-right">at</th>
          </tr>
        </thead>
        <tbody>
          {lines.flatMap((line) =>
            line.attempts.length === 0
              ? [
                  <tr key={line.step} className="h-9 border-b border-hair text-soft">
                    <td>{stages.indexOf(line.stage) + 1}</td>
                    <td className="pr-5 text-right">{line.number}</td>
                    <td colSpan={2} className="pr-6 text-right">
                      –
                    </td>
                    <td>{line.window}</td>
                    <td colSpan={5}>missing</td>
                  </tr>,
                ]
              : line.attempts.map((a) => (
                  <tr
                    key={a.entry}
                    onClick={() => onPick(line.position)}
                    className={`h-9 cursor-pointer border-b border-hair ${picked === line.position ? 'bg-sheet' : ''} ${a.status === 'live' ? '' : 'text-soft'}`}
                  >
                    <td>{stages.indexOf(line.stage) + 1}</td>
                    <td className="pr-5 text-right font-semibold">{line.number}</td>
                    <td className={`text-right ${a.status === 'live' ? 'font-semibold' : 'line-through'}`}>{a.given}</td>
                    <td className="pr-6 text-right">{a.in_base}</td>
                    <td title={`target: ${line.target_from ?? '–'}; window: ${line.window_from ?? '–'}`}>{line.window}</td>
                    <td className={a.verdict === 'in' ? '' : 'font-semibold text-fault'}>
                      {a.word}
                      {a.status === 'backed_off' && ', backed off'}
                      {a.status === 'withdrawn' && ', withdrawn'}
                    </td>
                    <td>{a.evidence_words}</td>
                    <td className={a.findings.length > 0 ? 'font-semibold text-fault' : ''}>{a.tool ?? 'unknown'}</td>
                    <td>{a.person}</td>
                    <td className="text-right text-soft">{dayAndTime(a.at, zone)}</td>
                  </tr>
                )),
          )}
        </tbody>
      </table>
      <p className="mt-3 text-sm text-soft">
        Targets: {lines[0]?.target_from ?? '–'}. Windows: {lines[0]?.window_from ?? '–'}. Unaltered is not tightened: the record shows what was entered, not
        what the metal felt, and nobody knows who stood behind a borrowed badge.
      </p>
    </div>
  );
}
