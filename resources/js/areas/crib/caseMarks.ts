import type { CaseEngine, CaseJoint } from '@/api/types';
import type { Evidence, Mark } from '@/lib/drawing';

/** The metal as a case sees it: what is outside is ringed, what is in doubt is no better known than not at all. */
export function marksOf(joint: CaseJoint): Mark[] {
  const byPosition = new Map<string, Mark>();
  for (const r of joint.results) {
    const before = byPosition.get(r.position);
    const stroke: Evidence = r.verdict === 'in_doubt' ? 'unknown' : (r.evidence as Evidence);
    byPosition.set(r.position, {
      position: r.position,
      strokes: [...(before?.strokes ?? []), stroke].slice(-2),
      old: 0,
      fault: r.verdict === 'out' ? 'outside' : (before?.fault ?? null),
    });
  }
  return [...byPosition.values()];
}

/** The numbers by which people call positions. */
export function numbered(engine: CaseEngine, positions: readonly string[]): string {
  const numbers = new Map(engine.joints.flatMap((j) => j.results.map((r) => [r.position, r.number] as const)));
  return positions.map((p) => numbers.get(p) ?? p).join(', ');
}
