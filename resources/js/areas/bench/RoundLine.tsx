import type { BenchView, RunSheet } from '@/api/types';

/** The tightening line as it stands: rounds done are struck through with paint, the current one counts. */
export function RoundLine({ sheet, view }: { sheet: RunSheet; view: BenchView }) {
  const current = view.call.step?.split(':')[0];
  return (
    <ol className="flex h-13 shrink-0 items-center gap-5 overflow-hidden border-t border-line px-7 text-xl whitespace-nowrap" aria-label="Tightening line">
      {sheet.rounds.map(({ stage, line }, i) => {
        const round = view.rounds.find((r) => r.stage === stage);
        const [done, all] = [round?.done ?? 0, round?.all ?? 0];
        const struck = done >= all && done > 0;
        const now = stage === current;
        return (
          <li key={stage} className={`flex items-baseline gap-5 ${now ? 'font-semibold text-now' : 'text-soft'}`}>
            {i > 0 && <span aria-hidden="true">·</span>}
            <span className={struck ? 'line-through decoration-paint decoration-[5px]' : ''}>{line}</span>
            {!struck && (done > 0 || now) && (
              <span className="text-base">
                {done}/{all}
              </span>
            )}
          </li>
        );
      })}
    </ol>
  );
}
