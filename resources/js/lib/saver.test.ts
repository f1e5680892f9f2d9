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

  // Made-up chances; the rule is facts of a network: a request or its answer may be lost, and nobody else writes here.
  it.each(Array.from({ length: 60 }, (_, i) => i + 1))(
    'on a line that loses requests and answers nobody is taken for somebody else, and the last word stands: %i',
    async (seed) => {
      let state = seed;
      const oneIn = (n: number): boolean => {
        state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
        return state / 2 ** 32 < 1 / n;
      };
      const lost = new Problem('offline', 'no connection', 0);
      const kept = { what: '', version: 1 };
      let good = false;
      const saver = new Saver<string>(1, (what, version) => {
        if (!good && oneIn(3)) return Promise.reject(lost);
        const again = version === kept.version - 1 && what === kept.what;
        if (!again && version !== kept.version) return Promise.reject(new Problem('draft-changed', 'Somebody saved this draft meanwhile.', 409));
        if (!again) Object.assign(kept, { what, version: version + 1 });
        return !good && oneIn(3) ? Promise.reject(lost) : Promise.resolve(kept.version);
      });
      const failed: unknown[] = [];
      for (let i = 0; i < 30; i++) await saver.save(`draft ${String(i)}`).catch((error: unknown) => failed.push(error));
      expect(failed.every((error) => error === lost)).toBe(true);
      good = true;
      const version = await saver.save('the last word');
      expect(kept).toEqual({ what: 'the last word', version });
    },
  );
});
