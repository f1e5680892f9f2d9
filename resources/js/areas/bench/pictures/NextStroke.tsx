import type { BenchView, RunSheet } from '@/api/types';
import { BoltHead } from '@/ui/BoltHead';

const NTH = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth'];

/** One head, large: the strokes that are on it, and the one to paint when this round is done there. */
export function NextStroke({ sheet, view, call }: { sheet: RunSheet; view: BenchView; call: BenchView['call'] }) {
  const position = sheet.sketch.map.positions.find((p) => p.key === call.position);
  if (!position) return null;
  const mark = view.marks.find((m) => m.position === position.key);
  const done = mark?.strokes.length ?? 0;
  const group = sheet.sketch.groups.find((g) => g.key === position.group);
  const fastener = sheet.sketch.fasteners.find((f) => f.key === group?.fastener);
  const word = call.kind === 'verify' ? 'stood still' : call.kind === 'click' ? 'clicked' : 'been read';
  return (
    <div className="flex min-h-0 items-center gap-6 py-1">
      <svg viewBox="0 0 120 120" className="h-24 w-24 shrink-0" aria-hidden="true">
        <BoltHead id={position.key} x={60} y={60} fastener={fastener} mark={mark} scale={1} now size={34} next />
      </svg>
      <p className="text-xl leading-tight">
        When it has {word},
        <br />
        <b>paint the {NTH[done] ?? 'next'} stroke.</b>
      </p>
    </div>
  );
}
