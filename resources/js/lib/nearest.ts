type Placed = { key: string; x: string; y: string };

/** Which way an arrow points, on a picture whose y runs downwards. */
const WAYS: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Sideways counts for more than ahead: of two that lie as far, the one that lies straighter is meant. */
const ASIDE = 2.5;

/** The one that an arrow key goes to from another; null where nothing lies that way, or the key is no arrow. */
export function nearest(from: Placed, all: readonly Placed[], key: string): Placed | null {
  const way = WAYS[key];
  if (!way) return null;
  const ranked = all
    .filter((p) => p.key !== from.key)
    .map((p) => {
      const [dx, dy] = [Number(p.x) - Number(from.x), Number(p.y) - Number(from.y)];
      return { p, ahead: dx * way[0] + dy * way[1], aside: Math.abs(dx * way[1]) + Math.abs(dy * way[0]) };
    })
    .filter(({ ahead }) => ahead > 0.5)
    .sort((a, b) => a.ahead + ASIDE * a.aside - (b.ahead + ASIDE * b.aside));
  return ranked[0]?.p ?? null;
}
