import { useEffect, useState } from 'react';
import type { PlanRow } from '@/api/types';
import type { Mark } from '@/lib/drawing';
import { Button } from '@/ui/Button';

type Props = { steps: PlanRow[]; onShow: (run: { marks: Mark[]; now: string } | null) => void };

const STEP_MS = 420;

/** Where the run stands, and that it goes on by itself while it plays. */
function usePlace(last: number) {
  const [at, setAt] = useState<number | null>(null);
  const [playing, setPlaying] = useState(false);
  const place = at === null ? null : Math.min(at, last);
  const ended = place !== null && place >= last;
  const running = playing && !ended;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setAt((n) => (n ?? -1) + 1), STEP_MS);
    return () => clearInterval(timer);
  }, [running]);
  const toggle = () => {
    if (ended) setAt(0);
    setPlaying(!running);
  };
  const stopAt = (next: number | null) => {
    setPlaying(false);
    setAt(next);
  };
  return { place, running, toggle, stopAt };
}

/** Plays the plan on the map, step by step, as the bench would walk through it. */
export function DryRun({ steps, onShow }: Props) {
  const { place, running, toggle, stopAt } = usePlace(steps.length - 1);
  useEffect(() => onShow(place === null ? null : { marks: marksBefore(steps, place), now: steps[place]?.place ?? '' }), [steps, place, onShow]);

  if (steps.length === 0) return null;
  return (
    <div className="mt-1 flex items-center gap-3">
      <Button small onClick={toggle}>
        {running ? 'Pause' : 'Dry run'}
      </Button>
      <input
        type="range"
        className="grow accent-now"
        aria-label="Step of the dry run"
        min={0}
        max={steps.length - 1}
        value={place ?? 0}
        onChange={(e) => stopAt(Number(e.target.value))}
      />
      <span className="w-56 text-sm">{sentence(steps, place)}</span>
      {place !== null && (
        <button type="button" className="text-sm underline decoration-hair underline-offset-4" onClick={() => stopAt(null)}>
          end
        </button>
      )}
    </div>
  );
}

function sentence(steps: PlanRow[], place: number | null): string {
  const step = place === null ? undefined : steps[place];
  if (!step) return `${String(steps.length)} steps`;
  const whom = step.number === '' ? step.kind : `no. ${step.number}`;
  return `${step.no} of ${String(steps.length)}: ${whom}${step.target === '' ? '' : `, ${step.target}`}`;
}
/** A stroke for every step already done at a place. */
function marksBefore(steps: PlanRow[], place: number): Mark[] {
  const marks = new Map<string, Mark>();
  for (const { place: key } of steps.slice(0, place)) {
    if (key === '') continue;
    const mark = marks.get(key) ?? { position: key, strokes: [], old: 0, fault: null };
    marks.set(key, { ...mark, strokes: [...mark.strokes, 'measured_value'] });
  }
  return [...marks.values()];
}
