import { Problem } from './problem';

/** Was it refused, or may it have been done all the same, with only the answer lost on the way? */
const mayBeDone = (error: unknown): boolean => !(error instanceof Problem) || error.status < 400 || error.status >= 500;

/**
 * Saves a thing that goes on changing: one save after another, each with the number that the one before was given. Two at
 * once would look like two people, and the second would be refused as somebody else's. For the same reason a save that got no
 * answer is sent again as it was before the next one: the server knows it if it has it.
 */
export class Saver<T> {
  private last: Promise<unknown> = Promise.resolve();
  private unanswered: { what: T } | null = null;

  constructor(
    private version: number,
    private readonly send: (what: T, version: number) => Promise<number>,
  ) {}

  /** Resolves with the new version; rejected with whatever kept it from being saved, and the next one is tried all the same. */
  save(what: T): Promise<number> {
    const saved = this.last.then(async () => {
      if (this.unanswered !== null && this.unanswered.what !== what) await this.put(this.unanswered.what);
      await this.put(what);
      return this.version;
    });
    this.last = saved.catch(() => undefined);
    return saved;
  }

  private async put(what: T): Promise<void> {
    try {
      this.version = await this.send(what, this.version);
      this.unanswered = null;
    } catch (error) {
      this.unanswered = mayBeDone(error) ? { what } : null;
      throw error;
    }
  }

  /** Goes on from a version that somebody else has saved. */
  adopt(version: number): void {
    this.version = version;
    this.unanswered = null;
  }

  /** The version that is stored, once everything that was to be saved is. */
  settled(): Promise<number> {
    return this.last.then(() => this.version);
  }
}
