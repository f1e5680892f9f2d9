import { describe, expect, it } from 'vitest';
import { Problem } from './problem';
import { Saver } from './saver';

/** A server that takes a save only with the version it has, and answers late. */
function server() {
  const kept: string[] = [];
  let version = 1;
  let atOnce = 0;
  let most = 0;
  const send = async (what: string, known: number): Promise<number> => {
    atOnce += 1;
    most = Math.max(most, atOnce);
    await new Promise((resolve) => setTimeout(resolve, 3));
    atOnce -= 1;
    if (known !== version) throw new Error(`version ${String(known)} is not ${String(version)}`);
    kept.push(what);
    version += 1;
    return version;
  };
  return { send, kept, most: () => most, elsewhere: () => (version += 1) };
}

describe('saving a thing that goes on changing', () => {
  it('goes one by one, so that one is never refused for the other', async () => {
    const { send, kept, most } = server();
    const saver = new Saver(1, send);
    await expect(Promise.all([saver.save('a'), saver.save('b'), saver.save('c')])).resolves.toEqual([2, 3, 4]);
    expect(kept).toEqual(['a', 'b', 'c']);
    expect(most()).toBe(1);
  });

  it('is refused once somebody else has saved, and goes on from theirs when that was taken over', async () => {
    const { send, kept, elsewhere } = server();
    const saver = new Saver(1, send);
    const theirs = elsewhere();
    await expect(saver.save('mine')).rejects.toThrow('version 1 is not 2');
    saver.adopt(theirs);
    await expect(saver.save('mine')).resolves.toBe(3);
    expect(kept).toEqual(['mine']);
  });

  it('tries the next one though one could not be saved', async () => {
    let broken = true;
    const saver = new Saver<string>(1, (_, version) => (broken ? Promise.reject(new Error('no connection')) : Promise.resolve(version + 1)));
    await expect(saver.save('a')).rejects.toThrow('no connection');
    broken = false;
    await expect(saver.save('b')).resolves.toBe(3);
  });

  it('sends what got no answer again as it was, and then the next one', async () => {
    const { send, kept } = server();
    let lost = false;
    const sent: string[] = [];
    const saver = new Saver<string>(1, async (what, version) => {
      sent.push(what);
      // The server knows its last save when it comes again.
      const answer = kept.at(-1) === what ? version + 1 : await send(what, version);
      if (lost) throw new Problem('offline', 'no connection', 0);
      return answer;
    });
    lost = true;
    await expect(saver.save('a')).rejects.toThrow('no connection');
    lost = false;
    await expect(saver.save('b')).resolves.toBe(3);
    expect(kept).toEqual(['a', 'b']);
    expect(sent).toEqual(['a', 'a', 'b']);
  });

  it('does not send again what was refused', async () => {
    const sent: string[] = [];
    const saver = new Saver<string>(1, (what, version) => {
      sent.push(what);
      return what === 'too large' ? Promise.reject(new Problem('too-large', 'A document has at most 2 MB.', 413)) : Promise.resolve(version + 1);
    });
    await expect(saver.save('too large')).rejects.toThrow('at most 2 MB');
    await expect(saver.save('smaller')).resolves.toBe(2);
    expect(sent).toEqual(['too large', 'smaller']);
  });

  it('is settled when everything on its way has arrived', async () => {
    const { send } = server();
    const saver = new Saver(1, send);
    void saver.save('a');
    void saver.save('b');
    await expect(saver.settled()).resolves.toBe(3);
  });
});
