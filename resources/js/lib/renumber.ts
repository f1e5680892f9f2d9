export type Numbered = { id: string; device_seq: number };

/**
 * After an answer was lost, the server may expect another number than the one it met at `id`. What waits before that
 * one it has recognised by id; from there on nothing is stored yet, so those are counted anew from its number.
 */
export function renumber<T extends Numbered>(waiting: T[], id: string, expected: number): T[] {
  const from = waiting.findIndex((item) => item.id === id);
  return from < 0 ? waiting : waiting.map((item, i) => (i < from ? item : { ...item, device_seq: expected + i - from }));
}
