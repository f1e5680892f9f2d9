import type { Change } from '@/api/types';
import { count } from '@/lib/typeset';

type Props = { changes: Change[]; short?: boolean; onShow?: (change: Change) => void };

const SHORT = 6;

/** What changed, in words; what sits on the map can be shown there. */
export function ChangeList({ changes, short = false, onShow }: Props) {
  if (changes.length === 0) return <p className="mt-1 text-soft">Nothing differs.</p>;
  const shown = short ? changes.slice(0, SHORT) : changes;
  return (
    <ul className="mt-1">
      {shown.map((change) => (
        <li key={change.what + change.sentence} className="border-b border-hair py-1.5">
          {onShow && change.positions.length > 0 ? (
            <button type="button" className="text-left underline decoration-hair underline-offset-4" onClick={() => onShow(change)}>
              {change.sentence}
            </button>
          ) : (
            change.sentence
          )}
        </li>
      ))}
      {changes.length > shown.length && (
        <li className="py-1.5 text-soft">and {count(changes.length - shown.length, 'more change')} under “Revisions and changes”</li>
      )}
    </ul>
  );
}
