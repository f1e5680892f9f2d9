import type { BenchView, RunSheet } from '@/api/types';

/** "cap 3, inner, left side": where a position is, in the words of its map. */
export function whereOf(sheet: RunSheet, position: string | undefined): string {
  const at = sheet.sketch.map.positions.find((p) => p.key === position);
  const part = sheet.sketch.map.parts.length > 1 ? sheet.sketch.map.parts.find((p) => p.key === at?.part)?.name : undefined;
  const group = sheet.sketch.groups.length > 1 ? sheet.sketch.groups.find((g) => g.key === at?.group)?.name : undefined;
  return [part, group, at?.landmark].filter(Boolean).join(', ');
}

/** The round of the call, as it is counted: which one, how far it is, and what comes after it. */
export function roundOf(sheet: RunSheet, view: BenchView): { number: number; done: number; all: number; then: string } | null {
  const stage = view.call.step?.split(':')[0];
  const at = sheet.rounds.findIndex((r) => r.stage === stage);
  const round = view.rounds.find((r) => r.stage === stage);
  if (at < 0 || !round) return null;
  const next = sheet.rounds[at + 1];
  return { number: at + 1, done: round.done, all: round.all, then: next ? `then ${next.line}` : 'the last round' };
}

/** "9:05" */
export const clockFace = (s: number): string => `${String(Math.floor(s / 60))}:${String(s % 60).padStart(2, '0')}`;

/** "9:05 min", and seconds alone below a minute. */
export const clockOf = (s: number): string => (s >= 60 ? `${clockFace(s)} min` : `${String(s)} s`);

/** A sentence that stands alone, or that follows the number. */
export const isSentence = (text: string) => /[.?]$/.test(text);

const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** The ten digits of the pad, where what they type is for one thing. */
export const digitKeys = (type: (digit: string) => void): Record<string, () => void> => Object.fromEntries(DIGITS.map((d) => [d, () => type(d)]));
