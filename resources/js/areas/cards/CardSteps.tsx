import type { PaperCard } from '@/api/types';

const WAY = ['out', 'back', 'typed in', 'compared'] as const;
const REACHED: Record<PaperCard['state'], number> = { out: 0, lost: 0, voided: 0, back: 1, typing: 1, typed: 2, compared: 3 };

/** How far a card has come of its way: out, back, typed in, compared; or that it ended before. */
export function CardSteps({ card }: { card: PaperCard }) {
  if (card.state === 'voided' || card.state === 'lost') return <p className="font-semibold text-fault">{card.says}</p>;
  const reached = REACHED[card.state];
  return (
    <ol className="flex items-center gap-2" aria-label={card.says}>
      {WAY.map((step, i) => (
        <li key={step} className={`flex items-center gap-2 ${i === reached ? 'font-semibold' : 'text-soft'}`} aria-current={i === reached ? 'step' : undefined}>
          {i > 0 && <span aria-hidden="true" className={`h-[3px] w-5 ${i <= reached ? 'bg-paint' : 'bg-hair'}`} />}
          {step}
        </li>
      ))}
    </ol>
  );
}
