import type { RunSheet } from '@/api/types';
import { calendarDay } from '@/lib/typeset';

/** What is typed now stands on paper: said as long as it is so, since nothing that is pulled here now would be known as seen. */
export function CardBand({ sheet, card }: { sheet: RunSheet; card: string | null }) {
  if (card === null) return null;
  return (
    <p className="shrink-0 border-b-4 border-paint bg-sheet px-7 py-2 text-lg" role="status">
      <b>From card {card}</b>
      {sheet.card && `, signed by ${sheet.card.worked_by}, ${calendarDay(sheet.card.worked_on)}`}. Type what stands on it; pull nothing. At its end: + and{' '}
      <b>The card is typed in</b>.
    </p>
  );
}
