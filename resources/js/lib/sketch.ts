import type { Doc, Fastener } from './document';
import type { HeadShape, Sketch } from './drawing';
import { HEADS } from './fields';

const MM_PER_INCH = 25.4;

/** "14 mm", "9/16 in", "0.55 in" in millimetres; null for anything else. For drawing only: the core reads what counts. */
export function drawnMillimetres(printed: unknown): string | null {
  if (typeof printed !== 'string') return null;
  const match = /^\s*(\d+(?:[.,]\d+)?)(?:\s*\/\s*(\d+))?\s*(mm|in|")\s*$/.exec(printed);
  if (!match) return null;
  const value = Number(match[1]?.replace(',', '.')) / Number(match[2] ?? 1);
  return Number.isFinite(value) && value > 0 ? String(match[3] === 'mm' ? value : value * MM_PER_INCH) : null;
}

/** What a document that is being written looks like from above. */
export function sketchOf(doc: Doc): Sketch {
  return {
    map: {
      width: size(doc.map.width, '400'),
      height: size(doc.map.height, '200'),
      front: doc.map.front,
      parts: doc.map.parts.filter((p) => [p.x, p.y, p.width, p.height].every((n) => Number.isFinite(Number(n)))),
      positions: doc.map.positions.filter((p) => Number.isFinite(Number(p.x)) && Number.isFinite(Number(p.y))),
    },
    groups: doc.groups.map((g) => ({ key: g.key, fastener: g.fastener ?? '' })),
    fasteners: doc.fasteners.map((f) => ({ key: f.key, head: head(f), across_flats_mm: drawnMillimetres(f.across_flats) })),
  };
}

function head(fastener: Fastener): HeadShape | null {
  return HEADS.some((h) => h.value === fastener.head) ? (fastener.head as HeadShape) : null;
}

function size(printed: string, otherwise: string): string {
  return Number(printed) > 0 ? printed : otherwise;
}

/** Positions whose fastener differs from what most others have: they are easily mistaken. */
export function oddOnes(sketch: Sketch): string[] {
  const fastenerOf = (group: string) => sketch.groups.find((g) => g.key === group)?.fastener ?? '';
  const counts = new Map<string, number>();
  for (const p of sketch.map.positions) counts.set(fastenerOf(p.group), (counts.get(fastenerOf(p.group)) ?? 0) + 1);
  const most = Math.max(0, ...counts.values());
  return sketch.map.positions.filter((p) => (counts.get(fastenerOf(p.group)) ?? 0) * 3 <= most).map((p) => p.key);
}
