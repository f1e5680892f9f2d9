import { BigKey } from '../BigKey';
import { usePanelKeys } from '../usePadKeys';

/** Why it waits: tiles, since whoever stands there has gloves on. */
const REASONS = ['a part is missing', 'the lead is not here', 'a tool is missing', 'the next shift does it', 'the server is away'];

type Props = { says: string; onReason: (reason: string) => void; onBack: () => void };

/** It is done later: with a reason, on record, and the job cannot be finished until it is. */
export function PutOff({ says, onReason, onBack }: Props) {
  usePanelKeys({ Enter: onBack, ...Object.fromEntries(REASONS.map((reason, i) => [String(i + 1), () => onReason(reason)])) });
  return (
    <>
      <main className="grow px-7 py-6">
        <h1 className="text-[44px] leading-none">Put it off: why?</h1>
        <p className="mt-3 max-w-4xl text-xl">{says}</p>
        <div className="mt-6 grid max-w-3xl grid-cols-2 gap-4 portrait:grid-cols-1">
          {REASONS.map((reason, i) => (
            <BigKey key={reason} cap={String(i + 1)} onClick={() => onReason(reason)}>
              {reason.charAt(0).toUpperCase() + reason.slice(1)}
            </BigKey>
          ))}
        </div>
      </main>
      <footer className="flex shrink-0 gap-4 border-t border-hair px-7 py-3">
        <BigKey look="main" cap="Enter" onClick={onBack}>
          No, back
        </BigKey>
      </footer>
    </>
  );
}
