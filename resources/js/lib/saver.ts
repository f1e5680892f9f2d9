/**
 * Saves a thing that goes on changing: one save after another, each with the number that the one before was given. Two at
 * once would look like two people, and the second would be refused as somebody else's.
 */
export class Saver<T> {
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    private version: number,
    private readonly send: (what: T, version: number) => Promise<number>,
  ) {}

  /** Resolves with the new version; rejected with whatever kept it from being saved, and the next one is tried all the same. */
  save(what: T): Promise<number> {
    const saved = this.last.then(async () => {
      this.version = await this.send(what, this.version);
      return this.version;
    });
    this.last = saved.catch(() => undefined);
    return saved;
  }

  /** Goes on from a version that somebody else has saved. */
  adopt(version: number): void {
    this.version = version;
  }

  /** The version that is stored, once everything that was to be saved is. */
  settled(): Promise<number> {
    return this.last.then(() => this.version);
  }
}
