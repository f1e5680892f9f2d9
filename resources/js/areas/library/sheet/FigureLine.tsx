import type { Figures } from '@/api/types';
import { count } from '@/lib/typeset';
import { tools } from '../words';

type Props = { figures: Figures; fasteners: number };

/** What the work will take. */
export function FigureLine({ figures, fasteners }: Props) {
  const results = figures.least === figures.most ? String(figures.most) : `${String(figures.least)} to ${String(figures.most)}`;
  return (
    <p className="mt-4 flex flex-wrap gap-x-6 gap-y-1 text-soft">
      <span>
        <b className="text-ink">{fasteners}</b> {fasteners === 1 ? 'fastener' : 'fasteners'}
      </span>
      <span>
        <b className="text-ink">{figures.steps.length}</b> steps, <b className="text-ink">{results}</b> results
      </span>
      <span>
        about <b className="text-ink">{figures.time}</b>
      </span>
      <span>
        <b className="text-ink">{figures.people}</b> {figures.people === 1 ? 'person' : 'people'}
      </span>
      {tools(figures) !== '' && (
        <span>
          needs <b className="text-ink">{tools(figures)}</b>
        </span>
      )}
      {figures.consumables.length > 0 && (
        <span>
          uses <b className="text-ink">{figures.consumables.join(', ')}</b>
        </span>
      )}
      {figures.new_fasteners.map((n) => (
        <span key={n.type}>
          new: <b className="text-ink">{`${count(n.count, 'piece')} ${n.type}`}</b>
        </span>
      ))}
    </p>
  );
}
