import type { Answer } from '@/lib/drawing';

/** The four answers by shape: a stroke of paint, an open ring, a dashed line, a broken ring. Colour only helps. */
export function AnswerSign({ answer, size = 26 }: { answer: Answer; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true" className="shrink-0">
      {answer === 'yes' && (
        <path d="M4.5 14.5 L10.5 20.5 L22 5.5" fill="none" stroke="var(--paint)" strokeWidth={4.4} strokeLinecap="round" strokeLinejoin="round" />
      )}
      {answer === 'not_yet' && <circle cx={13} cy={13} r={9} fill="none" stroke="var(--ink-soft)" strokeWidth={2.2} />}
      {answer === 'in_doubt' && <path d="M3.5 13 H22.5" stroke="var(--ink)" strokeWidth={3.6} strokeDasharray="4.4 3" />}
      {answer === 'no' && <circle cx={13} cy={13} r={9.4} fill="none" stroke="var(--fault)" strokeWidth={3} strokeDasharray="6.4 3.4" />}
    </svg>
  );
}

export const ANSWER_WORDS: Record<Answer, string> = { yes: 'Yes', not_yet: 'Not yet', in_doubt: 'In doubt', no: 'No' };
