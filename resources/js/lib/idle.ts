/** After how long without a hand a bench locks itself, and how long before that it says so. */
export const LOCKS_AFTER_S = 600;
export const WARNS_BEFORE_S = 30;

export type Idle = { state: 'open' } | { state: 'warning'; secondsLeft: number } | { state: 'locked' };

/** How a bench stands that was last touched at `lastUse`; both in ms of the same clock. A clock set back counts as a touch. */
export function idleState(lastUse: number, now: number): Idle {
  const idle = Math.floor((now - lastUse) / 1000);
  if (idle >= LOCKS_AFTER_S) return { state: 'locked' };
  return idle >= LOCKS_AFTER_S - WARNS_BEFORE_S ? { state: 'warning', secondsLeft: LOCKS_AFTER_S - idle } : { state: 'open' };
}
