import type { LineSketch } from '@/api/types';

type Props = { rounds: LineSketch['rounds']; behind: boolean; onReplace: (at: number, text: string) => void };

/** The line read back, round by round; what is not understood is asked about, and nothing is guessed. Offers for a line that was typed on since would undo that. */
export function RoundsRead({ rounds, behind, onReplace }: Props) {
  if (rounds.length === 0)
    return <p className="mt-4 text-soft">Each round is read back here as it is understood: 9 N·m · 18 N·m, or 15 lbf·ft · +80° inner / +53° outer.</p>;
  return (
    <ol className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-6 gap-y-4" aria-label="The rounds as they are understood">
      {rounds.map((round, i) => (
        <li key={`${String(i)} ${round.text}`} className={`border-t-2 pt-2 ${round.problem === null ? 'border-line' : 'border-dashed border-fault'}`}>
          <p className={`font-semibold ${round.problem === null ? '' : 'text-fault'}`}>
            {i + 1}
            <span className="ml-3">{round.title}</span>
          </p>
          {round.problem === null || round.offers.length === 0 ? <p className="text-sm text-soft">{round.says}</p> : null}
          {round.offers.length > 0 && (
            <p className="mt-1 flex flex-wrap gap-2">
              {round.offers.map((offer) => (
                <button
                  key={offer}
                  type="button"
                  disabled={behind}
                  className="rounded border border-line bg-sheet px-2 py-0.5 text-sm hover:bg-paper"
                  onClick={() => onReplace(i, offer)}
                >
                  {offer}
                </button>
              ))}
            </p>
          )}
        </li>
      ))}
    </ol>
  );
}
