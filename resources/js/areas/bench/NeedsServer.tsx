import type { Bench } from './useRun';

/** Somebody at the server is needed for this, and it is away: what can be done instead. */
export function NeedsServer({ bench }: { bench: Bench }) {
  if (bench.outboxState.trouble === null) return null;
  return (
    <p role="alert" className="mb-3 border-l-8 border-fault pl-4 text-lg">
      <b>The server is away, and this needs it.</b> Put it off with / and 0, and the rest goes on where it may; or leave it under +.
    </p>
  );
}
