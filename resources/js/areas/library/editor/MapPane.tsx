import { type KeyboardEvent, useState } from 'react';
import { movePositions, removePositions } from '@/lib/document';
import type { Mark } from '@/lib/drawing';
import { oddOnes, sketchOf } from '@/lib/sketch';
import { count } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { DryRun } from './DryRun';
import type { Editing } from './editor';

const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** The joint as it is drawn: selected, moved and numbered by hand or by key, painted as far as a round or a dry run has gone. */
export function MapPane(editing: Editing) {
  const { doc, edit, selected, select, touched, touch, look, round } = editing;
  const [run, setRun] = useState<{ marks: Mark[]; now: string } | null>(null);
  const [cursor, setCursor] = useState<string | null>(null);
  const sketch = sketchOf(doc);
  const keys = sketch.map.positions.map((p) => p.key);
  const order = touched ?? look?.orders.find((o) => o.stage === round)?.order ?? [];
  const pick = (key: string, more: boolean) => {
    setCursor(key);
    if (touched !== null) touch(touched.includes(key) ? touched.filter((k) => k !== key) : [...touched, key]);
    else if (more) select(selected.includes(key) ? selected.filter((k) => k !== key) : [...selected, key]);
    else if (!selected.includes(key)) select([key]);
  };
  const move = (dx: number, dy: number) => {
    if (selected.length > 0) edit('move', (d) => movePositions(d, selected, dx, dy));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    const at = keys.indexOf(cursor ?? selected[0] ?? '');
    if (arrow && !event.ctrlKey) {
      const by = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
      move(arrow[0] * by, arrow[1] * by);
    } else if (event.key === 'n' || event.key === 'p') {
      const next = keys[(at + (event.key === 'n' ? 1 : -1) + keys.length) % keys.length];
      if (next === undefined) return;
      setCursor(next);
      if (touched === null) select([next]);
    } else if (event.key === ' ' || event.key === 'Enter') {
      if (cursor !== null) pick(cursor, true);
    } else if (event.key === 'a' && !event.ctrlKey) select(keys);
    else if (event.key === 'Delete') edit('remove', (d) => removePositions(d, selected));
    else if (event.key === 'Escape') {
      select([]);
      touch(null);
    } else return;
    event.preventDefault();
  };
  return (
    <div className="border-b border-hair px-7 pt-3 pb-2">
      <div
        role="application"
        tabIndex={0}
        aria-label="Map. N and P go from fastener to fastener, space adds one to the selection, A selects all, arrow keys move by 1 mm, with Shift by 10, with Alt by 0.1, Delete takes them out."
        className="h-64"
        onKeyDown={onKeyDown}
      >
        <JointMap
          sketch={sketch}
          detail="full"
          picked={touched !== null && cursor !== null ? [cursor] : selected}
          odd={oddOnes(sketch)}
          order={run ? [] : order}
          marks={run ? run.marks : paintAfter(editing)}
          now={run?.now ?? null}
          onDragStart={pick}
          onDrag={(key, dx, dy) => {
            if (touched === null && (dx !== 0 || dy !== 0)) edit('drag', (d) => movePositions(d, selected.includes(key) ? selected : [key], dx, dy));
          }}
          label={`The joint with ${count(keys.length, 'fastener')}`}
        />
      </div>
      <p className="text-sm text-soft" aria-live="polite">
        {keys.length === 0
          ? 'No fasteners yet: put rows, a circle or pairs in under “Map”.'
          : touched !== null
            ? `Touch them in turn: ${String(touched.length)} of ${String(keys.length)}. By key: N and P to go, space to touch.`
            : selected.length > 0
              ? `${count(selected.length, 'fastener')} selected: ${doc.map.positions
                  .filter((p) => selected.includes(p.key))
                  .map((p) => p.number)
                  .slice(0, 12)
                  .join(', ')}${selected.length > 12 ? ' …' : ''}`
              : 'A dotted ring marks a fastener unlike the others.'}
      </p>
      {look?.figures && <DryRun steps={look.figures.steps} onShow={setRun} />}
    </div>
  );
}

/** The paint that heads must carry once the round shown is done. */
function paintAfter({ look, round }: Editing): Mark[] {
  const rungs = look?.sheet?.rungs ?? [];
  const upTo = rungs.findIndex((r) => r.stage === round);
  const marks = new Map<string, Mark>();
  for (const rung of rungs.slice(0, upTo + 1))
    for (const key of rung.positions) {
      const mark = marks.get(key) ?? { position: key, strokes: [], old: 0, fault: null };
      marks.set(key, { ...mark, strokes: [...mark.strokes, 'measured_value'] });
    }
  return [...marks.values()];
}
