/** What an event came to, as the server will store it if it agrees: docs/formats/outcomes.md. */
export type Outcome = {
  v: number;
  standing: 'applied' | 'set_aside' | 'tray';
  reason?: string;
  effects: { do: string }[];
  say: { tone: 'good' | 'stop' | 'aside' | 'note'; sentence: string }[];
};
/** What an event came to here, and what the bench shows then. */
export type Taken<View> = { outcome: Outcome; view: View };

type Answer = { ready: string } | { broken: string } | { rehearsed: string | null } | { id: number; answer: string } | { id: number; error: string };

/** The core cannot run beside this page; whoever needs it goes on by asking the server. */
export class CoreUnavailable extends Error {}

/**
 * The core beside this page: one run, folded and decided by the same rules as on the server. Calls are answered in their
 * order. `hash` names the bundle that decides; what it decides is sent along, and the server decides again.
 */
export class CoreBeside {
  private readonly waiting = new Map<number, { resolve: (answer: string) => void; reject: (error: Error) => void }>();
  private next = 1;
  private hasRehearsed: (why: string | null) => void = () => undefined;
  /** It is as fast as it gets from here on: null, or why it could not rehearse. It decides the same before. */
  readonly rehearsed = new Promise<string | null>((resolve) => {
    this.hasRehearsed = resolve;
  });

  private constructor(
    private readonly worker: Worker,
    readonly hash: string,
  ) {
    worker.onmessage = ({ data }: MessageEvent<Answer>) => {
      if ('id' in data) this.settle(data);
      else if ('rehearsed' in data) this.hasRehearsed(data.rehearsed);
    };
  }

  /** @throws CoreUnavailable when the worker cannot start here, with the reason */
  static start(): Promise<CoreBeside> {
    return new Promise((resolve, reject) => {
      const unavailable = (why: string) => {
        worker.terminate();
        reject(new CoreUnavailable(`The core does not run beside this page: ${why}`));
      };
      const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
      worker.onerror = (event) => unavailable(event.message);
      worker.onmessage = ({ data }: MessageEvent<Answer>) => {
        if ('ready' in data) resolve(new CoreBeside(worker, data.ready));
        else if ('broken' in data) unavailable(data.broken);
      };
    });
  }

  /** A run at its beginning, by the plan that it pins. */
  async begin(plan: string): Promise<void> {
    await this.call('begin', plan);
  }

  /** Where the server has it: the registers of the run, and the tools of the crib. */
  async stand(where: { state: object; rack: object }): Promise<void> {
    await this.call('stand', JSON.stringify(where));
  }

  /** Decides about what happens here, goes on with it, and says what the bench shows then. */
  async take<View>(event: object): Promise<Taken<View>> {
    return JSON.parse(await this.call('take', JSON.stringify(event))) as Taken<View>;
  }

  /** What the bench shows now. */
  async view<View>(): Promise<View> {
    return JSON.parse(await this.call('view', '')) as View;
  }

  /** Where it can next be left, as a sentence; empty where nothing is left to do. */
  leave(): Promise<string> {
    return this.call('leave', '');
  }

  /** What may be said to be wrong now. */
  async mishaps<Mishaps>(): Promise<Mishaps> {
    return JSON.parse(await this.call('mishaps', '')) as Mishaps;
  }

  /** What it would come to, and cost; nothing is done. */
  async weigh<Weighed>(said: { key: string; position?: string; choice?: string; now: object }): Promise<Weighed> {
    return JSON.parse(await this.call('weigh', JSON.stringify(said))) as Weighed;
  }

  /** Decides about what happens here, and goes on with it. */
  async decide(event: object): Promise<Outcome> {
    return JSON.parse(await this.call('decide', JSON.stringify(event))) as Outcome;
  }

  /** Its registers as canonical bytes: equal bytes, equal states. */
  state(): Promise<string> {
    return this.call('state', '');
  }

  end(): void {
    this.worker.terminate();
    for (const { reject } of this.waiting.values()) reject(new CoreUnavailable('The core was ended.'));
    this.waiting.clear();
  }

  private call(call: 'begin' | 'stand' | 'decide' | 'take' | 'view' | 'leave' | 'mishaps' | 'weigh' | 'state', text: string): Promise<string> {
    const id = this.next++;
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      this.worker.postMessage({ id, call, text });
    });
  }

  private settle(answer: { id: number; answer: string } | { id: number; error: string }): void {
    const asked = this.waiting.get(answer.id);
    this.waiting.delete(answer.id);
    if ('error' in answer) asked?.reject(new Error(answer.error));
    else asked?.resolve(answer.answer);
  }
}
