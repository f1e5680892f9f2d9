import { expect, it } from 'vitest';
import { fileText } from './file-text';

const file = (...bytes: number[]) => new File([new Uint8Array(bytes)], 'tools.csv');

it('keeps the mark that a file begins with, so that it can be refused by name', async () => {
  expect(await fileText(file(0xef, 0xbb, 0xbf, 0x61))).toBe('\uFEFFa');
});

it('puts the replacement character where bytes are no UTF-8', async () => {
  expect(await fileText(file(0xbd, 0x20))).toBe('\uFFFD ');
});
