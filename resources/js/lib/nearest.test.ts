import { describe, expect, it } from 'vitest';
import { nearest } from './nearest';

const at = (key: string, x: number, y: number) => ({ key, x: String(x), y: String(y) });
/** Two rows of three, as caps have them. */
const CAPS = [at('1', 0, 0), at('3', 50, 0), at('5', 100, 0), at('2', 0, 90), at('4', 50, 90), at('6', 100, 90)];
const from = (key: string, arrow: string) => nearest(CAPS.find((p) => p.key === key) ?? at('', 0, 0), CAPS, arrow)?.key ?? null;

describe('an arrow goes to the bolt that lies that way', () => {
  it('goes along a row and not across it', () => {
    expect([from('1', 'ArrowRight'), from('3', 'ArrowRight'), from('6', 'ArrowLeft')]).toEqual(['3', '5', '4']);
  });

  it('goes to the other row straight across', () => {
    expect([from('3', 'ArrowDown'), from('6', 'ArrowUp')]).toEqual(['4', '5']);
  });

  it('stays where nothing lies that way, and at any other key', () => {
    expect([from('5', 'ArrowRight'), from('1', 'ArrowUp'), from('1', 'Enter')]).toEqual([null, null, null]);
  });
});
