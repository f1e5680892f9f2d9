import { Problem } from './problem';

/**
 * Work that goes on after its page was left, by key: tried again every `againMs` as long as nothing answers. What is refused
 * has been answered, and is over.
 */
export class RetryQueue {
  private readonly last = new Map<string, Promise<void>>();

  constructor(
    private readonly againMs: number,
    /** Told whether anything is still to be done. */
    private readonly onPending: (pending: boolean) => void,
  ) {}

  go(key: string, work: () => Promise<unknown>): void {
    const attempt = work().then(
      () => this.over(key),
      (error: unknown) => {
        if (!(error instanceof Problem) || !error.unanswered) {
          this.over(key);
          return;
        }
        setTimeout(() => this.go(key, work), this.againMs);
        throw error;
      },
    );
    // Whoever asks for it is told; where nobody does, it is simply tried again.
    attempt.catch(() => undefined);
    this.last.set(key, attempt);
    this.onPending(true);
  }

  /** Resolves once nothing is left to be done for the key; rejected with why it could not be done the last time. */
  async done(key: string): Promise<void> {
    await this.last.get(key);
  }

  private over(key: string): void {
    this.last.delete(key);
    this.onPending(this.last.size > 0);
  }
}
