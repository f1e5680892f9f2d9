import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { RetryQueue } from './retry-queue';
import { Problem } from './problem';

const lost = () => Promise.reject(new Problem('offline', 'The server cannot be reached.', 0));

describe('what goes on after its page was left', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('is waited for by whoever comes back', async () => {
    let finish: () => void = () => undefined;
    const pending: boolean[] = [];
    const afterwards = new RetryQueue(5000, (p) => pending.push(p));
    afterwards.go('a', () => new Promise<void>((resolve) => (finish = resolve)));
    let back = false;
    const done = afterwards.done('a').then(() => (back = true));
    await Promise.resolve();
    expect(back).toBe(false);
    finish();
    await done;
    expect(pending).toEqual([true, false]);
    await expect(afterwards.done('nothing was left behind here')).resolves.toBeUndefined();
  });

  it('is tried again as long as nothing answers, and says so to whoever comes back meanwhile', async () => {
    const answers = [lost, lost, () => Promise.resolve()];
    const work = vi.fn(() => (answers.shift() ?? lost)());
    const pending: boolean[] = [];
    const afterwards = new RetryQueue(5000, (p) => pending.push(p));
    afterwards.go('a', work);
    await expect(afterwards.done('a')).rejects.toThrow('The server cannot be reached.');
    await vi.advanceTimersByTimeAsync(4999);
    expect(work).toHaveBeenCalledTimes(1);
    await vi.advanceTimersByTimeAsync(1);
    await expect(afterwards.done('a')).rejects.toThrow('The server cannot be reached.');
    await vi.advanceTimersByTimeAsync(5000);
    await expect(afterwards.done('a')).resolves.toBeUndefined();
    expect(work).toHaveBeenCalledTimes(3);
    expect(pending.at(-1)).toBe(false);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(work).toHaveBeenCalledTimes(3);
  });

  it.each([
    ['refused', new Problem('draft-changed', 'Somebody saved this draft meanwhile.', 409)],
    ['broken', new TypeError('x is undefined')],
  ])('is over when it is %s', async (_, error) => {
    const work = vi.fn(() => Promise.reject(error));
    const afterwards = new RetryQueue(5000, () => undefined);
    afterwards.go('a', work);
    await expect(afterwards.done('a')).resolves.toBeUndefined();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(work).toHaveBeenCalledTimes(1);
  });

  it('keeps one thing apart from another, and is pending until all are done', async () => {
    const pending: boolean[] = [];
    const afterwards = new RetryQueue(5000, (p) => pending.push(p));
    afterwards.go('a', lost);
    afterwards.go('b', () => Promise.resolve());
    await expect(afterwards.done('b')).resolves.toBeUndefined();
    await expect(afterwards.done('a')).rejects.toThrow('cannot be reached');
    expect(pending.at(-1)).toBe(true);
  });
});
