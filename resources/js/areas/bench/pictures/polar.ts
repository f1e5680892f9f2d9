/** A point on a circle; 0° to the left, as a line is drawn towards the front, and clockwise from there. */
export function onCircle(x: number, y: number, r: number, degrees: number): { x: number; y: number } {
  const angle = ((degrees + 180) * Math.PI) / 180;
  return { x: x + r * Math.cos(angle), y: y + r * Math.sin(angle) };
}

/** An arc of a circle as a path, clockwise. */
export function arc(x: number, y: number, r: number, from: number, to: number): string {
  const [a, b] = [onCircle(x, y, r, from), onCircle(x, y, r, to)];
  return `M${a.x.toFixed(2)} ${a.y.toFixed(2)} A${String(r)} ${String(r)} 0 ${to - from > 180 ? '1' : '0'} 1 ${b.x.toFixed(2)} ${b.y.toFixed(2)}`;
}
