import type { MapPosition, RunSheet, RunStep } from '@/api/types';

function positionOf(sheet: RunSheet, step: RunStep): MapPosition | undefined {
  return sheet.sketch.map.positions.find((p) => p.key === step.position);
}

/** "Bolt 7" and "cap 3, inner, left side". */
export function nameOf(sheet: RunSheet, step: RunStep): { bolt: string; where: string } {
  const position = positionOf(sheet, step);
  const part = sheet.sketch.map.parts.find((p) => p.key === position?.part)?.name;
  const group = sheet.sketch.groups.find((g) => g.key === position?.group)?.name;
  return { bolt: `Bolt ${position?.number ?? step.position}`, where: [part, group, position?.landmark].filter(Boolean).join(', ') };
}

/** The steps of a step's own round, in order. */
export function roundOf(sheet: RunSheet, step: RunStep): RunStep[] {
  return sheet.steps.filter((s) => s.stage === step.stage);
}

export function motionOf(sheet: RunSheet, step: RunStep): string {
  const motion = sheet.stages.find((s) => s.key === step.stage)?.motion;
  return motion === 'one_motion' ? 'in one free motion' : 'may be ratcheted';
}
