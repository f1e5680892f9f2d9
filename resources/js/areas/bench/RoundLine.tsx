import type { RunSheet } from '@/api/types';

/** The tightening line as it stands: rounds done are struck through with paint, the current one counts. */
export function RoundLine({ sheet, done, current }: { sheet: RunSheet; done: string[]; current: string }) {
  return (
    <ol className="flex h-13 shrink-0 items-center gap-5 overflow-hidden border-t border-line px-7 text-xl whitespace-nowrap" aria-label="Tightening line">
      {sheet.stages.map((stage, i) => {
        const steps = sheet.steps.filter((s) => s.stage === stage.key);
        const ready = steps.filter((s) => s.status === 'done' || done.includes(s.id)).length;
        const struck = ready === steps.length;
        const now = stage.key === current;
        return (
          <li key={stage.key} className={`flex items-baseline gap-5 ${now ? 'font-semibold text-now' : 'text-soft'}`}>
            {i > 0 && <span aria-hidden="true">·</span>}
            <span className={struck ? 'line-through decoration-paint decoration-[5px]' : ''}>{sheet.rounds[i]}</span>
            {!struck && ready > 0 && (
              <span className="text-base">
                {ready}/{steps.length}
              </span>
            )}
          </li>
        );
      })}
    </ol>
  );
}
