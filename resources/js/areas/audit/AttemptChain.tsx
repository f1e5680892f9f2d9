import { useZone } from '@/api/session';
import type { ResultAttempt, ResultLine } from '@/api/types';
import { isGood } from '@/lib/drawing';
import { dayAndTime } from '@/lib/typeset';

/** What happened at one bolt, in the order in which it happened. */
export function AttemptChain({ lines, stages }: { lines: ResultLine[]; stages: string[] }) {
  const attempts = lines.flatMap((line) => line.attempts.map((attempt) => ({ line, attempt }))).sort((a, b) => a.attempt.seq - b.attempt.seq);
  const number = lines[0]?.number ?? '';
  return (
    <section className="mt-6" aria-label={`Bolt ${number}`}>
      <h3 className="text-lg">Bolt {number}</h3>
      {attempts.length === 0 ? (
        <p className="text-soft">Nothing has been recorded here.</p>
      ) : (
        <ol className="mt-1">
          {attempts.map(({ line, attempt }) => (
            <Attempt key={attempt.entry} attempt={attempt} line={line} round={stages.indexOf(line.stage) + 1} />
          ))}
        </ol>
      )}
    </section>
  );
}

const STATUS: Record<ResultAttempt['status'], string> = {
  live: '',
  backed_off: ', then backed off',
  taken_further: ', then taken further',
  withdrawn: ', withdrawn as a typing error',
  reopened: ', then opened again',
  restarted: ', then begun anew',
  replaced: ', then replaced',
};

function Attempt({ attempt, line, round }: { attempt: ResultAttempt; line: ResultLine; round: number }) {
  const zone = useZone();
  return (
    <li className="flex gap-6 border-b border-hair py-2">
      <span className="w-28 shrink-0 text-soft">{dayAndTime(attempt.at, zone)}</span>
      <span>
        <b className={isGood(attempt.verdict) ? '' : 'text-fault'}>
          Round {round}: {attempt.given === null ? '' : `${attempt.given}, `}
          {attempt.word}
        </b>
        {STATUS[attempt.status]}; {attempt.evidence_words}, good is {line.window}. {attempt.person}
        {attempt.tool === null ? (attempt.given === null ? '' : ' with an unknown tool') : ` with ${attempt.tool}`}
        {attempt.calibration !== null && `, calibrated ${attempt.calibration}`}.{attempt.simulated && ' Simulated.'}
        {attempt.findings.map((finding) => (
          <span key={finding.kind} className="block text-fault">
            {finding.sentence}
          </span>
        ))}
        <span className="block text-xs text-soft" title="SHA-256 of the entry’s bytes, its leaf in the record">
          entry {attempt.seq}, leaf {attempt.leaf_hash.slice(0, 16)}…
        </span>
      </span>
    </li>
  );
}
