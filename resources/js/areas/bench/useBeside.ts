import { replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { answerOf, api } from '@/api/client';
import { useZone } from '@/api/session';
import type { BenchView, RunSheet } from '@/api/types';
import { dateIn } from '@/lib/typeset';
import { CoreBeside, type Outcome } from '@/core/beside';
import { BENCH } from './queries';
import type { RunObservation } from './outbox';
import { useLatest } from './useLatest';

/** As the server will have it: by whom and where, and when by this device's clock. */
export type Happened = RunObservation & { person: string; device: string; taken_at: string };

let started: Promise<CoreBeside> | undefined;
/** The plan that it has begun with. */
let begun: string | undefined;

/** The core beside this page: started once the page has drawn what it is opened for, and kept from run to run. */
export function coreBeside(): Promise<CoreBeside> {
  started ??= drawn().then(() => CoreBeside.start());
  return started;
}

/** Thirteen megabytes are compiled for it, on processors that whoever waits for the first call needs. */
function drawn(): Promise<void> {
  return new Promise((resolve) => {
    // Not every browser says when it has nothing to do.
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: 1_500 });
    else setTimeout(resolve, 300);
  });
}

/** How far it is: on its way, at work, or not to be had here. */
type BesideState = 'starting' | 'ready' | 'unavailable';

/** One thing after another: what is decided goes on from what was decided before. */
function useTurns() {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  return useCallback(<T>(work: (core: CoreBeside) => Promise<T>): Promise<T> => {
    const next = last.current.then(() => coreBeside().then(work));
    last.current = next.catch(() => undefined);
    return next;
  }, []);
}

/** What was decided here and is not in the outbox yet: it happened all the same. */
function useFlying() {
  const [events] = useState(() => new Map<string, Happened>());
  return useMemo(
    () => ({
      took: (event: Happened) => events.set(event.id, event),
      landed: (id: string) => events.delete(id),
      with: (since: Happened[]) => [...since, ...[...events.values()].filter((e) => since.every((s) => s.id !== e.id))],
    }),
    [events],
  );
}

/** What happened here that a sheet of so many entries does not tell, as it is when it is asked: a page's picture of it may be older. */
type Since = (lastSeq: number) => Happened[];

/** Stands once more where the server has it, with what is still on its way. */
function useAgain(): { turn: number; again: () => void } {
  const [turn, setTurn] = useState(0);
  return { turn, again: useCallback(() => setTurn((t) => t + 1), []) };
}

function usePlan(hash: string | undefined): string | undefined {
  return useQuery({
    queryKey: [...BENCH, 'plan', hash],
    enabled: hash !== undefined,
    staleTime: Infinity,
    queryFn: () => answerOf(api.GET('/bench/plans/{plan}', { params: { path: { plan: hash ?? '' } } })),
  }).data?.plan;
}

/** Stands where the server has it, and goes on with what happened here since; says what the bench shows then. */
async function stood(core: CoreBeside, plan: string, sheet: RunSheet, since: Happened[], outcomes: Map<string, Outcome>): Promise<BenchView> {
  if (begun !== plan) await core.begin(plan);
  begun = plan;
  await core.stand({ state: sheet.beside.state, rack: sheet.beside.rack });
  let shown = await core.view<BenchView>();
  for (const event of since) {
    const taken = await core.take<BenchView>(event);
    outcomes.set(event.id, taken.outcome);
    shown = taken.view;
  }
  return shown;
}

/**
 * A run beside the screen. It stands where the server's sheet says, goes on with what happened here since, and decides the
 * next thing in milliseconds. Where it cannot start, everything waits for the server's answers.
 */
export function useBeside(told: RunSheet | undefined, since: Since) {
  const sheet = useOfToday(told);
  const { turn, again } = useAgain();
  const outcomes = useRef(new Map<string, Outcome>());
  const flying = useFlying();
  const inTurn = useTurns();
  const { state, shown, show } = useStands(sheet, usePlan(sheet?.beside.plan), turn, (core, plan, at) =>
    inTurn(() => stood(core, plan, at, flying.with(since(at.last_seq)), outcomes.current)),
  );
  const take = async (event: Happened): Promise<Outcome | null> => {
    if (state !== 'ready') return null;
    try {
      const taken = await inTurn((core) => {
        // Only now: what stands anew before its turn must not count it too.
        flying.took(event);
        return core.take<BenchView>(event);
      });
      outcomes.current.set(event.id, taken.outcome);
      show((before) => replaceEqualDeep(before, taken.view));
      return taken.outcome;
    } catch {
      return null;
    }
  };
  /** Asks the core something that changes nothing, once it has done what it was told. */
  const ask = inTurn;
  const leave = useCallback(() => inTurn((core) => core.leave()), [inTurn]);
  const decided = useCallback((id: string) => outcomes.current.get(id), []);
  return { again, landed: flying.landed, state, decided, ask, leave, view: state === 'ready' ? shown : null, take };
}

const DAY_MS = 30_000;

/** The tools of a sheet are judged for the day it is now by the shop's clock, however long ago the sheet came: one is fit until its due day. */
function useOfToday(sheet: RunSheet | undefined): RunSheet | undefined {
  const zone = useZone();
  const [today, setToday] = useState(() => dateIn(zone));
  useEffect(() => {
    const timer = setInterval(() => setToday(dateIn(zone)), DAY_MS);
    return () => clearInterval(timer);
  }, [zone]);
  return useMemo(() => {
    const day = sheet?.beside.rack.day;
    // A tablet whose clock is behind does not make yesterday of the server's today.
    return sheet && typeof day === 'string' && day < today ? { ...sheet, beside: { ...sheet.beside, rack: { ...sheet.beside.rack, day: today } } } : sheet;
  }, [sheet, today]);
}

/** Is it the same in all its parts? */
function isEqual(one: object, other: object | null): boolean {
  return other !== null && replaceEqualDeep(one, other) === one;
}

type Stand = (core: CoreBeside, plan: string, sheet: RunSheet) => Promise<BenchView>;

/** Stands anew whenever the server has told something, or something that was decided here did not happen. */
function useStands(sheet: RunSheet | undefined, plan: string | undefined, turn: number, stand: Stand) {
  const [state, setState] = useState<BesideState>('starting');
  const [shown, show] = useState<BenchView | null>(null);
  const latest = useLatest(stand);
  const now = useLatest(shown);
  const last = useRef<{ run: string; rack: object; turn: number } | null>(null);
  useEffect(() => {
    if (!sheet || plan === undefined) return undefined;
    const at = { run: sheet.id, rack: sheet.beside.rack, turn };
    // A sheet that tells what is shown already moves nothing: whoever presses a key meanwhile would wait for it.
    if (now.current && isEqual(at, last.current) && isEqual(now.current, sheet.view)) return undefined;
    last.current = at;
    const doing = { current: true };
    const is = (next: BesideState, stands: BenchView | null) => {
      if (!doing.current) return;
      // What stays as it was is the same thing, and is not drawn again.
      show((before) => replaceEqualDeep(before, stands));
      setState(next);
    };
    coreBeside()
      .then((core) => latest.current(core, plan, sheet))
      .then(
        (stands) => is('ready', stands),
        () => is('unavailable', null),
      );
    return () => {
      doing.current = false;
    };
  }, [sheet, plan, turn, latest, now]);
  return { state, shown, show };
}
