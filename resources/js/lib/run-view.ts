import { type PathLine, judge } from './straight-path';

/** What this needs to know of a run as the server last told it, and of what the bench has not yet had answered. */
export type RunFacts = {
  next_step: string | null;
  stopped_at: string | null;
  walk_sheet: PathLine[];
};
export type PendingObservation = { id: string; type: 'reading_taken' | 'backed_off'; step: string; value?: string };

export type RunView = {
  /** Steps done on this device and not yet acknowledged. */
  doneHere: string[];
  /** The step to do now; null when none is left, or while the server must speak first. */
  next: string | null;
  /** True while something other than a good reading waits for the server's word. */
  waits: boolean;
};

/**
 * What is on its way and not yet in the server's sheet. A fresh sheet may overtake the answer to the very reading that is
 * in it; were that reading still counted as on its way, the bench would wait, and lose what is being typed.
 */
export function unknownTo<T extends { id: string }>(sheet: { steps: { attempts: { reading: string }[] }[] } | undefined, observations: T[]): T[] {
  const known = new Set(sheet?.steps.flatMap((step) => step.attempts.map((attempt) => attempt.reading)));
  return observations.filter((observation) => !known.has(observation.id));
}

/**
 * Where a run stands as the bench sees it: the server's state, walked on by the readings that are still on their way.
 * A good reading takes the next line of the sheet; anything else stops and waits for the server.
 */
export function runView(run: RunFacts, pending: PendingObservation[]): RunView {
  const doneHere: string[] = [];
  for (const observation of pending) {
    const line = run.walk_sheet.find((l) => l.step === observation.step);
    const [value = '', unit = ''] = observation.value?.split(' ') ?? [];
    const good = observation.type === 'reading_taken' && line !== undefined && judge(line, value, unit) === 'in';
    if (!good) return { doneHere, next: null, waits: true };
    doneHere.push(observation.step);
  }
  const left = run.walk_sheet.filter((line) => !doneHere.includes(line.step));
  return { doneHere, next: run.stopped_at ?? left[0]?.step ?? null, waits: false };
}
