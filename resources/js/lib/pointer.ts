const NAMES: Record<string, string> = {
  positions: 'position',
  stages: 'round',
  targets: 'target',
  fasteners: 'fastener',
  groups: 'group',
  sources: 'source',
  checks: 'check',
  sequences: 'order',
  surfaces: 'surface',
  window_standards: 'window standard',
  conflicts: 'conflict',
  cautions: 'caution',
  parts: 'part',
};

/** A JSON Pointer (RFC 6901) into a document in words: "/stages/0/targets/1/low" → "round 1 snug, target 2, low". */
export function placeOf(pointer: string, doc: unknown): string {
  const words: string[] = [];
  let here: unknown = doc;
  const steps = pointer
    .split('/')
    .slice(1)
    .map((s) => s.replaceAll('~1', '/').replaceAll('~0', '~'));
  for (let i = 0; i < steps.length; i++) {
    const step = steps[i] ?? '';
    here = child(here, step);
    const next = steps[i + 1];
    if (step in NAMES && next !== undefined && /^\d+$/.test(next)) {
      here = child(here, next);
      words.push([NAMES[step], String(Number(next) + 1), nameOf(here)].filter((w) => w !== '').join(' '));
      i += 1;
    } else if (step !== 'map') words.push(step.replaceAll('_', ' '));
  }
  return words.join(', ');
}

/** A sentence that begins with a pointer, with the place in words. */
export function placed(sentence: string, doc: unknown): string {
  const match = /^(\/\S*): (.*)$/s.exec(sentence);
  if (!match) return sentence;
  const place = placeOf(match[1] ?? '', doc);
  return `${place.charAt(0).toUpperCase()}${place.slice(1)}: ${match[2] ?? ''}`;
}

function child(value: unknown, step: string): unknown {
  return typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[step] : undefined;
}

function nameOf(value: unknown): string {
  const [name, key] = [child(value, 'name'), child(value, 'key')];
  return typeof name === 'string' && name !== '' ? name : typeof key === 'string' ? key : '';
}
