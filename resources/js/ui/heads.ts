import type { Evidence, HeadShape } from '@/lib/drawing';

/** Corner points of a regular polygon of n corners, as an SVG points list. */
export function polygon(cx: number, cy: number, radius: number, corners: number, turn: number): string {
  return Array.from({ length: corners }, (_, i) => {
    const angle = ((turn + (360 / corners) * i) * Math.PI) / 180;
    return `${(cx + radius * Math.cos(angle)).toFixed(2)},${(cy + radius * Math.sin(angle)).toFixed(2)}`;
  }).join(' ');
}

/** Heads sit as they stopped: an arbitrary but steady turn per position. */
export function restingTurn(key: string): number {
  let sum = 7;
  for (const letter of key) sum = (sum * 31 + letter.charCodeAt(0)) % 360;
  return sum % 60;
}

export function headCorners(head: HeadShape): number {
  return head === 'twelve_point' ? 12 : 6;
}

/** Line weight is strength of evidence; the dash pattern carries the same where weight is hard to see. */
export function strokeOf(evidence: Evidence): { weight: number; dash?: string } {
  switch (evidence) {
    case 'curve':
    case 'measured_value':
      return { weight: 0.3 };
    case 'transcribed':
      return { weight: 0.23 };
    case 'attested_one_by_one':
      return { weight: 0.16 };
    case 'attested_as_round':
      return { weight: 0.14, dash: '0.5 0.28' };
    case 'unknown':
      return { weight: 0.16, dash: '0.06 0.3' };
  }
}
