/** What the server said when it did not do as asked; "offline" when it could not be reached at all. */
export class Problem extends Error {
  constructor(
    readonly type: string,
    readonly sentence: string,
    readonly status: number,
    readonly facts: Record<string, unknown> = {},
  ) {
    super(sentence);
    this.name = 'Problem';
  }

  /** Nobody was there to answer: not the server, or not the application behind it (502 to 504). It is worth asking again. */
  get unanswered(): boolean {
    return this.type === 'offline' || (this.status >= 502 && this.status <= 504);
  }

  get field(): string | null {
    return typeof this.facts.field === 'string' ? this.facts.field : null;
  }
}

export function sentenceOf(error: unknown): string {
  return error instanceof Problem ? error.sentence : 'Something went wrong on this page. Reload it; what was recorded is safe.';
}

/** The PIN was handed out: one of one's own is asked for, and nothing went wrong. */
export const wantsOwn = (error: unknown): boolean => error instanceof Problem && error.type === 'own-secret';
