import type { FirstQuestion } from '@/api/types';
import { Button } from '@/ui/Button';

type Props = { questions: FirstQuestion[]; onAnswer: (question: FirstQuestion) => void; disabled?: boolean };

/** What is still wanting, in the order that saves most work; each with the way to its answer. */
export function Questions({ questions, onAnswer, disabled = false }: Props) {
  return (
    <ul>
      {questions.map((question) => (
        <li key={question.key} className="flex items-center gap-6 border-b border-hair py-2.5">
          <p className="grow">
            <b className="block font-semibold">{question.asks}</b>
            <span className="text-sm text-soft">{question.why}</span>
          </p>
          <span className="w-36 shrink-0">
            <Button className="w-full" disabled={disabled} aria-label={`${question.verb}: ${question.asks}`} onClick={() => onAnswer(question)}>
              {question.verb}
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}
