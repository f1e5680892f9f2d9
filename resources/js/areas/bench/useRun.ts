import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { atBench, useLive } from '@/api/live';
import { useMe, useSession } from '@/api/session';
import type { BenchView, RunSheet } from '@/api/types';
import { type Outbox, type OutboxState, type RunObservation, clocks, isOfRun } from './outbox';
import { RUN, type RunCommand, useSheet } from './queries';
import { type Happened, useBeside } from './useBeside';
import { useOutbox } from './useOutbox';

/** Something that has to be read before the work goes on, though no fault holds it. */
export type Notice = { title: string; sentence: string };
type Over = 'wrong' | 'doubt' | 'lead';
type Said = { standing: string; say: { tone: string; sentence: string }[]; effects: object[] };

/** A run as this bench sees it: as the core beside the screen has it, or else as the server last told it. */
export function useRun(id: string) {
  const client = useQueryClient();
  const query = useSheet(id);
  const { outbox, state, ready } = useOutbox();
  const me = useMe();
  const device = useSession().data?.device?.id ?? '';
  const over = useOver();
  const { setNotice } = over;
  const sheet = query.data;
  const lastSeq = sheet?.last_seq ?? 0;
  const happened = useHappened(me.id, device);
  const beside = useBeside(
    sheet,
    useCallback((told) => untold(outbox?.snapshot() ?? state, id, told).map(happened), [outbox, state, id, happened]),
  );

  const mine = state.answered.filter(({ observation }) => isOfRun(observation, id));
  const newest = Math.max(0, ...mine.map(({ outcome }) => outcome.seq));
  const agreed = mine.every(({ observation, outcome }) => outcome.seq <= lastSeq || isSame(beside.decided(observation.id), outcome));
  useEffect(() => {
    // Where both came to the same there is nothing to be told; else the server's word stands.
    if (newest > lastSeq && !(beside.state === 'ready' && agreed)) void client.invalidateQueries({ queryKey: RUN(id) });
  }, [newest, lastSeq, agreed, beside.state, client, id]);

  const command = useRunCommand(id, ready, Math.max(lastSeq, newest));
  const view: BenchView | null = beside.view ?? sheet?.view ?? null;
  const since = untold(state, id, lastSeq);
  const left = leftHere(since, me.name) ?? sheet?.left ?? null;
  const waits = beside.state !== 'ready' && since.length > 0;
  // Somebody else may go on with it elsewhere, or decide about it: both see it as it happens.
  useLive(sheet === undefined || sheet.view.finished ? null : id, Math.max(lastSeq, newest), RUN(id), useAtBench(sheet?.stops));
  useToldByServer(mine, setNotice);
  useUndecided(state.unread, beside.again);
  return { query, sheet, view, left, waits, outbox, outboxState: state, command, beside, happened, ...over, baseSeq: Math.max(lastSeq, newest) };
}

export type Bench = ReturnType<typeof useRun>;

/** Asks for what has moved, or was stopped since a sheet. */
function useAtBench(stops = 0) {
  return useMemo(() => atBench(stops), [stops]);
}

/** What was seen, as it happened here. */
function useHappened(person: string, device: string) {
  return useCallback(
    // The bench's own count and somebody's own words decide nothing; what is not on the disk yet has no count.
    (o: RunObservation): Happened => ({ ...o, device_seq: undefined, text: undefined, person, device, taken_at: o.device_time }),
    [person, device],
  );
}

/** What lies over whatever screen there is: the one beneath may change while somebody reads it. In doubt, it is the called bolt that one is not sure of. */
function useOver() {
  const [notice, setNotice] = useState<Notice | null>(null);
  const [over, put] = useState<{ what: Over } | null>(null);
  const setOver = useCallback((what: Over | null) => put(what && { what }), []);
  // Closes what it was made for: an answer that comes late must not take away what was opened since.
  const shut = useCallback((one: { what: Over }) => put((now) => (now === one ? null : now)), []);
  return { notice, setNotice, over, setOver, shut };
}

/** What happened here and a sheet with so many entries does not tell yet: answered with a later number, or still on its way. */
function untold({ answered, waiting }: OutboxState, run: string, lastSeq: number): RunObservation[] {
  const later = answered.filter(({ outcome }) => outcome.seq > lastSeq).map(({ observation }) => observation);
  return [...later, ...waiting].filter((o) => isOfRun(o, run));
}

/** Who left it here last, and in whose words, as long as the server's sheet does not tell of it; null where nobody did. */
export function leftHere(since: RunObservation[], name: string): RunSheet['left'] {
  const parked = since.filter((o) => o.type === 'parked').at(-1);
  return parked ? { person_name: name, at: parked.device_time, says: String(parked.text ?? parked.reason) } : null;
}

/** What was decided here and no server could read did not happen. */
function useUndecided(lost: boolean, again: () => void): void {
  useEffect(() => {
    if (lost) again();
  }, [lost, again]);
}

/** What can be done to a run only where the server agrees: it answers with the run as it then stands. */
function useRunCommand(id: string, ready: () => Promise<Outbox>, baseSeq: number) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (send: RunCommand) => (await ready()).command((stamp) => send(stamp, id), baseSeq),
    onSuccess: async (next) => {
      // A sheet still on its way was made before this one; coming after it, it would take back what the command did.
      await client.cancelQueries({ queryKey: RUN(id) });
      client.setQueryData(RUN(id), next);
    },
  });
}

/** What the server made of these has been said, where there was anything to say; of the others, what the core beside the screen made of them. */
const told = new Set<string>();
const saidHere = new Map<string, Said>();

/** What the server makes of something is said once: where nobody was told here, or was told something else. */
function useToldByServer(answered: { observation: { id: string }; outcome: Said }[], setNotice: (n: Notice) => void): void {
  useEffect(() => {
    for (const { observation, outcome } of answered) {
      if (told.has(observation.id)) continue;
      told.add(observation.id);
      // As it was said then: standing on a newer sheet the core beside the page may have come to another word since, and told nobody.
      const notice = isSame(saidHere.get(observation.id), outcome) ? null : noticeOf(outcome);
      if (notice) setNotice(notice);
    }
  }, [answered, setNotice]);
}

/** What is to be read before one goes on: set aside, or kept and flagged. A fault has a screen of its own. */
function noticeOf(outcome: Said): Notice | null {
  // Whoever lost the run to another bench sees no more of the fault that a late pull opens there: they are told here.
  const aside = outcome.say.find((s) => s.tone === 'aside');
  if (aside) return { title: 'Set aside', sentence: aside.sentence };
  const fault = outcome.effects.some((e) => 'do' in e && (e.do === 'case_opened' || e.do === 'duties_added'));
  if (fault) return null;
  const stop = outcome.say.filter((s) => s.tone === 'stop');
  return stop.length === 0 ? null : { title: 'Kept, and flagged', sentence: stop.map((s) => s.sentence).join(' ') };
}

function isSame(here: Said | undefined, there: Said): boolean {
  return here?.standing === there.standing && JSON.stringify(here.effects) === JSON.stringify(there.effects);
}

/** Puts what happened into the outbox, decided here where it can be; the answer is whether it is safe on this device. */
export function useObserve(bench: Bench) {
  const me = useMe();
  const { outbox, sheet, beside, happened, setNotice, baseSeq, view } = bench;
  return async (event: Record<string, unknown>): Promise<boolean> => {
    const seen: RunObservation = {
      v: 1,
      id: crypto.randomUUID(),
      run: sheet?.id ?? '',
      subject: sheet?.subject ?? '',
      sitting: me.sitting ?? '',
      base_seq: baseSeq,
      ...clocks(),
      ...(view && sheet ? { shown: shownFor(sheet, view) } : {}),
      ...event,
      type: String(event.type),
    };
    const outcome = await beside.take(happened(seen));
    const notice = outcome && noticeOf(outcome);
    if (outcome) saidHere.set(seen.id, outcome);
    if (notice) setNotice(notice);
    const kept = (await outbox?.observe(outcome ? { ...seen, device_says: says(outcome) } : seen)) ?? false;
    beside.landed(seen.id);
    // What is not kept did not happen.
    if (!kept) beside.again();
    return kept;
  };
}

function says(outcome: Said): object {
  const stood = outcome.effects.find((e): e is { do: string; verdict: string } => 'do' in e && e.do === 'stood' && 'verdict' in e);
  return { standing: outcome.standing, ...(stood ? { verdict: stood.verdict } : {}) };
}

/** The number to reach as the screen gave it, with all that belongs to it. */
function shownFor(sheet: RunSheet, { call }: BenchView) {
  const { scale } = call;
  const limits = [scale?.low, scale?.high].filter((l) => l !== undefined).join('–');
  return {
    ...(scale?.digits === undefined ? {} : { number: scale.digits, unit: scale.unit.symbol }),
    ...(limits === '' ? {} : { setting: limits }),
    hardware: sheet.hardware,
    sentence: [call.title, ...call.says.slice(0, 1)].join(', ').slice(0, 280),
  };
}
