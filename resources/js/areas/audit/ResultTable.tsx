import { useZone } from '@/api/session';
import type { ResultLine } from '@/api/types';
import { isGood } from '@/lib/drawing';
import { dayAndTime } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';

type Props = { lines: ResultLine[]; stages: string[]; picked: string | null; onPick: (position: string) => void };

const COLUMNS = [
  'round',
  ['bolt', 'pr-5 text-right'],
  ['as given', 'text-right'],
  ['in N·m, ° or mm', 'pr-6 text-right'],
  ['good from–to', 'pr-5'],
  'verdict',
  'evidence',
  'tool',
  'person',
  ['at', 'text-right'],
] as const;

const STATUS: Record<ResultLine['attempts'][number]['status'], string> = {
  live: '',
  backed_off: ', backed off',
  taken_further: ', taken further',
  withdrawn: ', withdrawn',
  reopened: ', opened again',
  restarted: ', begun anew',
  replaced: ', replaced',
};

/** Every result, and every step that is still missing one. */
export function ResultTable({ lines, stages, picked, onPick }: Props) {
  return (
    <div className="mt-8 overflow-x-auto">
      <table className="w-full text-[15px]">
        <TableHead columns={COLUMNS} />
        <tbody>
          {lines.map((line) => {
            const round = stages.indexOf(line.stage) + 1;
            if (line.attempts.length === 0) return <Missing key={line.step} line={line} round={round} />;
            return line.attempts.map((a) => (
              <Result key={a.entry} line={line} attempt={a} round={round} picked={picked === line.position} onPick={() => onPick(line.position)} />
            ));
          })}
        </tbody>
      </table>
      <p className="mt-3 text-sm text-soft">
        Targets: {lines[0]?.target_from ?? '–'}. Windows: {lines[0]?.window_from ?? '–'}. Unaltered is not tightened: the record shows what was entered, not
        what the metal felt, and nobody knows who stood behind a borrowed badge.
      </p>
    </div>
  );
}

function Missing({ line, round }: { line: ResultLine; round: number }) {
  return (
    <tr className="h-9 border-b border-hair text-soft">
      <td>{round}</td>
      <td className="pr-5 text-right">{line.number ?? line.target ?? line.kind}</td>
      <td colSpan={2} className="pr-6 text-right">
        –
      </td>
      <td>{line.window}</td>
      <td colSpan={5}>missing</td>
    </tr>
  );
}

type ResultProps = { line: ResultLine; attempt: ResultLine['attempts'][number]; round: number; picked: boolean; onPick: () => void };

function Result({ line, attempt: a, round, picked, onPick }: ResultProps) {
  const zone = useZone();
  const live = a.status === 'live';
  return (
    <tr onClick={onPick} className={`h-9 cursor-pointer border-b border-hair ${picked ? 'bg-sheet' : ''} ${live ? '' : 'text-soft'}`}>
      <td>{round}</td>
      <td className="pr-5 text-right font-semibold">
        <button type="button" aria-pressed={picked} className="font-semibold">
          {line.number ?? line.target ?? line.kind}
        </button>
      </td>
      <td className={`text-right ${live ? 'font-semibold' : 'line-through'}`}>{a.given ?? '–'}</td>
      <td className="pr-6 text-right">{a.in_base ?? '–'}</td>
      <td title={`target: ${line.target_from ?? '–'}; window: ${line.window_from ?? '–'}`}>{line.window}</td>
      <td className={isGood(a.verdict) ? '' : 'font-semibold text-fault'}>
        {a.word}
        {STATUS[a.status]}
      </td>
      <td>
        {a.evidence_words}
        {a.card !== null && <span className="text-soft">, card {a.card}</span>}
      </td>
      <td className={a.findings.length > 0 ? 'font-semibold text-fault' : ''}>{a.tool ?? (a.given === null ? '' : 'unknown')}</td>
      <td>{a.person}</td>
      <td className="text-right text-soft">{dayAndTime(a.at, zone)}</td>
    </tr>
  );
}
