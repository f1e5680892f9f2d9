import type { Mark, RunSheet } from '@/api/types';

/** The marks that should be on the metal now: the server's, and a stroke for each step done here since. */
export function marksHere(sheet: RunSheet, doneHere: string[]): Mark[] {
  return sheet.marks.map((mark) => {
    const fresh = sheet.steps.filter((s) => s.position === mark.position && doneHere.includes(s.id));
    return { ...mark, strokes: [...mark.strokes, ...fresh.map(() => 'measured_value' as const)] };
  });
}
