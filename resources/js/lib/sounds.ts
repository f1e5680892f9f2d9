type Round = { stage: string; done: number; all: number };
/** What of a bench's screen can be heard. */
type Heard = { done: number; rounds: Round[]; call: { stop?: object | undefined; halt?: object | undefined } };

/** Good, not good, a round complete: three that differ in height, number and length, so that they are told apart beside machines. */
export type Sound = 'good' | 'not_good' | 'round';

const holds = ({ call }: Heard) => call.stop !== undefined || call.halt !== undefined;

/** What is to be heard of a change from one screen to the next; null where nothing is. */
export function soundOf(before: Heard | null, now: Heard): Sound | null {
  if (before === null) return null;
  if (holds(now) && !holds(before)) return 'not_good';
  if (now.done <= before.done) return null;
  const had = (stage: string) => before.rounds.find((r) => r.stage === stage)?.done ?? 0;
  return now.rounds.some((r) => r.all > 0 && r.done >= r.all && had(r.stage) < r.all) ? 'round' : 'good';
}
