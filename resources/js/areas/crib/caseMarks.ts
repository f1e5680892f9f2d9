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

export type DoubtfulFastener = { joint: string; position: string; words: string; waits: boolean };

/** What is outside or in doubt on an engine, each fastener once, by the joint and number by which people call it. */
export function doubtful(engine: CaseEngine): DoubtfulFastener[] {
  const all = engine.joints.flatMap((j) =>
    j.results
      .filter((r) => r.verdict !== 'in')
      .map(
        (r) =>
          [
            `${j.joint}/${r.position}`,
            { joint: j.joint, position: r.position, words: `${j.name} ${r.number}`, waits: engine.waiting.includes(`${j.joint}/${r.position}`) },
          ] as const,
      ),
  );
  return [...new Map(all).values()].sort((a, b) => a.words.localeCompare(b.words, 'en', { numeric: true }));
}
