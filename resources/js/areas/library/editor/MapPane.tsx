import { type KeyboardEvent, useState } from 'react';
import { movePositions, removePositions, toggled } from '@/lib/document';
import type { Mark } from '@/lib/drawing';
import { oddOnes, sketchOf } from '@/lib/sketch';
import { count } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { DryRun } from './DryRun';
import type { Editing } from './editor';

const HOW =
  'Map. N and P go from fastener to fastener, space adds one to the selection, A selects all, arrow keys move by 1 mm, with Shift by 10, with Alt by 0.1, Delete takes them out.';
const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Which fastener the keys stand at, and what picking one means: touching it in turn, or selecting it. */
function usePicking({ selected, select, touched, touch }: Editing) {
  const [cursor, setCursor] = useState<string | null>(null);
  const pick = (key: string, more: boolean) => {
    setCursor(key);
    if (touched !== null) touch(toggled(touched, key));
    else if (more) select(toggled(selected, key));
    else if (!selected.includes(key)) select([key]);
  };
  const goTo = (key: string | undefined) => {
    if (key === undefined) return;
    setCursor(key);
    if (touched === null) select([key]);
  };
  return { cursor, pick, goTo };
}

/** What each key does on the map. */
function useMapKeys({ edit, selected, select, touch }: Editing, keys: string[], { cursor, pick, goTo }: ReturnType<typeof usePicking>) {
  const at = keys.indexOf(cursor ?? selected[0] ?? '');
  const step = (by: number) => goTo(keys[(at + by + keys.length) % keys.length]);
  const move = ([right, down]: [number, number], mm: number) => {
    if (selected.length > 0) edit('move', (d) => movePositions(d, selected, right * mm, down * mm));
  };
  const leave = () => {
    select([]);
    touch(null);
  };
  return (event: KeyboardEvent) => {
    const arrow = event.ctrlKey ? undefined : ARROWS[event.key];
    const all = event.key === 'a' && !event.ctrlKey;
    if (arrow) move(arrow, event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
    else if (event.key === 'n') step(1);
    else if (event.key === 'p') step(-1);
    else if (event.key === ' ' || event.key === 'Enter') {
      if (cursor !== null) pick(cursor, true);
    } else if (all) select(keys);
    else if (event.key === 'Delete') edit('remove', (d) => removePositions(d, selected));
    else if (event.key === 'Escape') leave();
    else return;
    event.preventDefault();
  };
}

/** The joint as it is drawn: selected, moved and numbered by hand or by key, painted as far as a round or a dry run has gone. */
export function MapPane(editing: Editing) {
  const { doc, edit, selected, touched, look, round } = editing;
  const [run, setRun] = useState<{ marks: Mark[]; now: string } | null>(null);
  const sketch = sketchOf(doc);
  const keys = sketch.map.positions.map((p) => p.key);
  const order = touched ?? look?.orders.find((o) => o.stage === round)?.order ?? [];
  const picking = usePicking(editing);
  const onKeyDown = useMapKeys(editing, keys, picking);
  return (
    <div className="border-b border-hair px-7 pt-3 pb-2">
      <div role="application" tabIndex={0} aria-label={HOW} className="h-64" onKeyDown={onKeyDown}>
        <JointMap
          sketch={sketch}
          detail="full"
          picked={touched !== null && picking.cursor !== null ? [picking.cursor] : selected}
          odd={oddOnes(sketch)}
          order={run ? [] : order}
          marks={run ? run.marks : paintAfter(editing)}
          now={run?.now ?? null}
          onDragStart={picking.pick}
          onDrag={(key, dx, dy) => {
            if (touched === null && (dx !== 0 || dy !== 0)) edit('drag', (d) => movePositions(d, selected.includes(key) ? selected : [key], dx, dy));
          }}
          label={`The joint with ${count(keys.length, 'fastener')}`}
        />
      </div>
      <p className="text-sm text-soft" aria-live="polite">
        {sentence(editing)}
      </p>
      {look?.figures && <DryRun steps={look.figures.steps} onShow={setRun} />}
    </div>
  );
}

const NAMED = 12;

/** What is selected, or what can be done now. */
function sentence({ doc, selected, touched }: Editing): string {
  const all = doc.map.positions;
  if (all.length === 0) return 'No fasteners yet: put rows, a circle or pairs in under “Map”.';
  if (touched !== null) return `Touch them in turn: ${String(touched.length)} of ${String(all.length)}. By key: N and P to go, space to touch.`;
  if (selected.length === 0) return 'A dotted ring marks a fastener unlike the others.';
  const numbers = all.filter((p) => selected.includes(p.key)).map((p) => p.number);
  return `${count(selected.length, 'fastener')} selected: ${numbers.slice(0, NAMED).join(', ')}${selected.length > NAMED ? ' …' : ''}`;
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
