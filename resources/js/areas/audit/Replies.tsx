import type { Reply } from '@/api/types';
import { ANSWER_WORDS, AnswerSign } from '@/ui/AnswerSign';

/** The questions, each with its answer by shape and word, and every reason. */
export function Replies({ replies, onPick }: { replies: Reply[]; onPick: (joint: string, position: string) => void }) {
  return (
    <ol>
      {replies.map((reply) => (
        <li key={reply.question} data-question={reply.question} data-answer={reply.answer} className="flex gap-4 border-b border-hair py-4 first:pt-0">
          <AnswerSign answer={reply.answer} />
          <div>
            <h2 className="text-[17px]">{reply.words}</h2>
            <p className={`mt-1 font-semibold ${reply.answer === 'no' ? 'text-fault' : ''}`}>{ANSWER_WORDS[reply.answer]}</p>
            <ul className="mt-0.5 text-[15px]">
              {reply.reasons.map((reason) => {
                const { joint, position } = reason;
                return (
                  <li key={reason.sentence} className={reason.answer === 'no' ? 'text-fault' : 'text-soft'}>
                    {joint !== null && position !== null ? (
                      <button type="button" className="text-left underline decoration-hair underline-offset-4" onClick={() => onPick(joint, position)}>
                        {reason.sentence}
                      </button>
                    ) : (
                      reason.sentence
                    )}
                  </li>
                );
              })}
            </ul>
          </div>
        </li>
      ))}
    </ol>
  );
}
