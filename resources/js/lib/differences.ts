export type Difference = { path: string; mine: string; theirs: string };

/** Every leaf that differs between two documents, by path. Things with a key are named by it, wherever they stand. */
export function differences(mine: unknown, theirs: unknown, path = ''): Difference[] {
  if (same(mine, theirs)) return [];
  if (isThing(mine) && isThing(theirs)) {
    const [a, b] = [named(mine), named(theirs)];
    return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((key) => differences(a[key], b[key], path === '' ? key : `${path}, ${key}`));
  }
  return [{ path, mine: shown(mine), theirs: shown(theirs) }];
}

function isThing(value: unknown): value is object {
  return typeof value === 'object' && value !== null;
}

function named(value: object): Record<string, unknown> {
  if (!Array.isArray(value)) return value as Record<string, unknown>;
  return Object.fromEntries(value.map((item: unknown, i) => [isThing(item) && 'key' in item ? String(item.key) : String(i + 1), item]));
}

function shown(value: unknown): string {
  if (value === undefined) return '–';
  return typeof value === 'string' ? value : JSON.stringify(value);
}

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
