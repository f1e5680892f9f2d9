import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { answerOf, api } from '@/api/client';
import type { Command, Outcome } from '@/api/types';
import { closingGuard } from '@/lib/closing-guard';
import { Problem, sentenceOf } from '@/lib/problem';
import { pageClock } from '@/lib/page-clock';
import { renumber } from '@/lib/renumber';

/** Who was signed in, what the bench had seen of the run, and its clocks. */
type Stamped = { v: 1; id: string; sitting: string; base_seq: number; device_time: string; mono_ms: number; clock: string };
/** Something seen in a run, as it is sent: type and content are the core's (docs/formats/events.md), all else is said by whoever saw it. */
export type RunObservation = Stamped & { run: string; subject: string; type: string; [content: string]: unknown };
/** What stands in the place of one that the server could not read: its bytes, and what was said of them. */
type Unread = Stamped & { type: 'observation_unreadable'; hash: string; bytes?: string; told: string };
export type Observation = RunObservation | Unread;

/** What this page's own clock counts now: a count of another start of the page cannot be compared with it. */
export const counted = pageClock(
  () => performance.now(),
  () => crypto.randomUUID(),
);
export const clocks = () => ({ device_time: new Date().toISOString(), ...counted() });

/** Does it belong to this run? */
export function isOfRun<T extends Observation>(observation: T, run: string): observation is T & RunObservation {
  return observation.type !== 'observation_unreadable' && 'run' in observation && observation.run === run;
}

type Waiting = Observation & { device_seq: number };

export type OutboxState = {
  waiting: Waiting[];
  /** What the server has answered in this session of the page, newest last. */
  answered: { observation: Waiting; outcome: Outcome }[];
  /** Why nothing goes out at the moment; null while it does. */
  trouble: string | null;
  /** The server could not read what was seen last here. */
  unread: boolean;
  /** What was seen last could not be kept on this device: the sentence to show; null when it was kept. */
  notKept: string | null;
};

interface Schema extends DBSchema {
  waiting: { key: string; value: Waiting };
  meta: { key: string; value: number };
  /** What the server acknowledged, by id: kept so that it can be checked later that each leaf entered the tree. */
  acknowledged: { key: string; value: { id: string; seq: number; leaf_hash: string } };
}

const BATCH = 100;
const AGAIN_MS = 2_000;
/** More than this of an unreadable one stays here as its hash. */
const MOST_BYTES = 60_000;

/**
 * Everything a bench records goes in here first and is sent from here, in order, until the server has acknowledged it.
 * It outlives reloads and sign-outs.
 */
export class Outbox {
  private state: OutboxState = { waiting: [], answered: [], trouble: null, unread: false, notKept: null };
  private saved: Waiting[] = [];
  /** Seen, and on its way to this device's disk. */
  private unsaved: Waiting[] = [];
  /** A page that is left now would take what is not yet on the disk along: the browser asks first. */
  private readonly guard = closingGuard();
  private readonly listeners = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private afterIdle = false;

  private constructor(
    private readonly db: IDBPDatabase<Schema>,
    private readonly device: string,
  ) {}

  static async open(device: string, serverNext: number): Promise<Outbox> {
    const db = await openDB<Schema>(`tekkal-bench-${device}`, 1, {
      upgrade: (fresh) => {
        fresh.createObjectStore('waiting', { keyPath: 'id' });
        fresh.createObjectStore('meta');
        fresh.createObjectStore('acknowledged', { keyPath: 'id' });
      },
    });
    const outbox = new Outbox(db, device);
    await outbox.refresh();
    // With nothing waiting the server's count is the truth: an answer to a command may have been lost.
    if (outbox.saved.length === 0) await db.put('meta', serverNext, 'next');
    void outbox.flush();
    return outbox;
  }

  snapshot = (): OutboxState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Somebody goes on while no PIN can be checked: said once, before whatever is observed next. */
  markAfterIdle(on: boolean): void {
    this.afterIdle = on;
  }

  /** The number of the last event this device has counted. */
  async lastSeq(): Promise<number> {
    return ((await this.db.get('meta', 'next')) ?? 1) - 1;
  }

  /**
   * Keeps an observation; the answer is whether it is safe on this device. The screen goes on at once, and back again if
   * the device could not keep it, which the state says in a sentence: whoever asked may be off the screen by then.
   */
  async observe(observation: RunObservation): Promise<boolean> {
    // One with what follows it: neither is kept without the other, and nothing comes between them.
    const together = this.afterIdle ? [resumedBefore(observation), observation] : [observation];
    this.afterIdle = false;
    this.unsaved.push(...together.map((o) => ({ ...o, device_seq: Number.MAX_SAFE_INTEGER })));
    this.guard(true);
    this.set({ unread: false, notKept: null });
    this.show();
    try {
      await this.save(together);
    } catch {
      this.afterIdle ||= together.length > 1;
      const what = typeof observation.raw === 'string' ? observation.raw : 'what was pressed';
      this.set({ notKept: `This device could not keep ${what}: its store is full or closed. Nothing was recorded; call the lead.` });
      return false;
    } finally {
      this.unsaved = this.unsaved.filter((o) => together.every((t) => t.id !== o.id));
      this.guard(this.unsaved.length > 0);
      await this.refresh();
    }
    void this.flush();
    return true;
  }

  private async save(together: RunObservation[]): Promise<void> {
    await this.numbering(async () => {
      const tx = this.db.transaction(['waiting', 'meta'], 'readwrite');
      const next = (await tx.objectStore('meta').get('next')) ?? 1;
      for (const [i, observation] of together.entries()) await tx.objectStore('waiting').put({ ...observation, device_seq: next + i });
      await tx.objectStore('meta').put(next + together.length, 'next');
      await tx.done;
    });
  }

  /** Sends a command after everything that waits. It may be refused, and then uses up no number. */
  async command<T>(send: (stamp: Command) => Promise<T>, baseSeq = 0): Promise<T> {
    await this.flush();
    if (this.state.waiting.length > 0) throw new Problem('offline', this.state.trouble ?? 'Readings are still waiting to be sent. Try again in a moment.', 0);
    return this.numbering(async () => {
      const stamp = { id: crypto.randomUUID(), base_seq: baseSeq, ...clocks() };
      const attempt = async (seq: number): Promise<T> => {
        const answer = await send({ ...stamp, device_seq: seq });
        await this.db.put('meta', seq + 1, 'next');
        return answer;
      };
      const next = (await this.db.get('meta', 'next')) ?? 1;
      try {
        return await attempt(next);
      } catch (error) {
        const expected = expectedSeq(error);
        if (expected === null) throw error;
        return await attempt(expected);
      }
    });
  }

  /** Sends what waits, oldest first, until nothing waits or something is in the way. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    await navigator.locks.request(`tekkal-send-${this.device}`, async () => {
      try {
        while (await this.sendBatch());
        this.set({ trouble: null });
      } catch (error) {
        this.set({ trouble: sentenceOf(error) });
        // What the server cannot take is kept and asked again: it may be repaired there, and is never dropped here.
        this.timer = setTimeout(() => void this.flush(), AGAIN_MS);
      }
    });
  }

  private async sendBatch(): Promise<boolean> {
    await this.refresh();
    const batch = this.saved.slice(0, BATCH);
    if (batch.length === 0) return false;
    try {
      const { outcomes } = await answerOf(api.POST('/bench/observations', { body: { sent_at: new Date().toISOString(), observations: batch } }));
      await this.acknowledge(batch, outcomes);
    } catch (error) {
      const bad = unreadIn(error, batch);
      const expected = expectedSeq(error);
      if (bad !== null) await this.standIn(bad, error);
      else if (expected !== null && error instanceof Problem) await this.countAnew(String(error.facts.id), expected);
      else throw error;
    }
    return true;
  }

  private async acknowledge(batch: Waiting[], outcomes: Outcome[]): Promise<void> {
    const answered = batch.flatMap((observation) => {
      const outcome = outcomes.find((o) => o.id === observation.id);
      return outcome ? [{ observation, outcome }] : [];
    });
    // Known as answered before it is gone from the disk: at no moment is it in neither. And with the answer goes what kept
    // it back: nobody is told that nothing gets through while nothing waits.
    this.set({ answered: [...this.state.answered, ...answered].slice(-BATCH), trouble: null });
    this.show();
    const tx = this.db.transaction(['waiting', 'acknowledged'], 'readwrite');
    for (const { outcome } of answered) {
      await tx.objectStore('acknowledged').put({ id: outcome.id, seq: outcome.seq, leaf_hash: outcome.leaf_hash });
      await tx.objectStore('waiting').delete(outcome.id);
    }
    await tx.done;
    await this.refresh();
  }

  private async countAnew(id: string, expected: number): Promise<void> {
    await this.numbering(async () => {
      const counted = renumber(await this.inOrder(), id, expected);
      const tx = this.db.transaction(['waiting', 'meta'], 'readwrite');
      for (const item of counted) await tx.objectStore('waiting').put(item);
      await tx.objectStore('meta').put((counted.at(-1)?.device_seq ?? expected - 1) + 1, 'next');
      await tx.done;
    });
  }

  /**
   * One that the server cannot read must not hold up what comes after it: something that it can read takes its place and
   * its number, and carries its bytes to the lead.
   */
  private async standIn(bad: Waiting, error: unknown): Promise<void> {
    const sent = JSON.stringify(bad);
    const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(sent));
    const told = (error instanceof Problem && typeof error.facts.reason === 'string' ? error.facts.reason : sentenceOf(error)).slice(0, 200);
    const item: Waiting = {
      id: crypto.randomUUID(),
      type: 'observation_unreadable',
      v: 1,
      sitting: bad.sitting,
      device_seq: bad.device_seq,
      base_seq: 0,
      ...clocks(),
      hash: Array.from(new Uint8Array(digest), (b) => b.toString(16).padStart(2, '0')).join(''),
      ...(sent.length <= MOST_BYTES ? { bytes: sent } : {}),
      told,
    };
    const tx = this.db.transaction('waiting', 'readwrite');
    await tx.store.delete(bad.id);
    await tx.store.put(item);
    await tx.done;
    // Only once it waits no more: whoever stands anew for it must not find it again.
    await this.refresh();
    this.set({ unread: true });
  }

  private async inOrder(): Promise<Waiting[]> {
    return (await this.db.getAll('waiting')).sort((a, b) => a.device_seq - b.device_seq);
  }

  private async refresh(): Promise<void> {
    this.saved = await this.inOrder();
    this.show();
  }

  private show(): void {
    const saved = new Set(this.saved.map((o) => o.id));
    const answered = new Set(this.state.answered.map(({ observation }) => observation.id));
    this.set({ waiting: [...this.saved, ...this.unsaved.filter((o) => !saved.has(o.id))].filter((o) => !answered.has(o.id)) });
  }

  /** Numbers are given one at a time, across all windows of this browser. */
  private numbering<T>(work: () => Promise<T>): Promise<T> {
    return navigator.locks.request(`tekkal-count-${this.device}`, work) as Promise<T>;
  }

  private set(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}

/** The bench had locked itself and somebody went on while no PIN could be checked. */
function resumedBefore({ v, sitting, base_seq, device_time, mono_ms, clock, run, subject }: RunObservation): RunObservation {
  return { type: 'resumed', after_idle: true, v, id: crypto.randomUUID(), sitting, base_seq, device_time, mono_ms, clock, run, subject };
}

function expectedSeq(error: unknown): number | null {
  return error instanceof Problem && error.type === 'device-seq' && typeof error.facts.expected === 'number' ? error.facts.expected : null;
}

/** The one of a batch that the server could not read; null where it said something else, or where this already stands in for one. */
function unreadIn(error: unknown, batch: Waiting[]): Waiting | null {
  if (!(error instanceof Problem) || error.type !== 'unreadable' || typeof error.facts.index !== 'number') return null;
  const bad = batch[error.facts.index];
  return bad && bad.type !== 'observation_unreadable' ? bad : null;
}
