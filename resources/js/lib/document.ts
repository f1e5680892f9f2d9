import type { MapPart, MapPosition } from './drawing';

/** A procedure document as it is written: whatever stands in it is kept, whole or not. The server's core judges it. */
type Text = string | { missing: string };
export type Target = {
  group?: string;
  positions?: string[];
  target?: Text;
  low?: Text;
  high?: Text;
  tolerance?: string;
  window_standard?: string;
  target_source?: string;
  window_source?: string;
  aim?: string;
  aim_evidence?: string;
  [field: string]: unknown;
};
export type Stage = {
  key: string;
  kind?: string;
  name?: string;
  why?: string;
  targets?: Target[];
  sequence?: string | string[];
  threshold?: Text;
  loading?: boolean;
  /** A block has stages of its own. */
  stages?: Stage[];
  traversal?: string;
  parts?: string[];
  legs?: Leg[];
  [field: string]: unknown;
};
/** Positions that a block does together, by parts or one by one. */
export type Leg = { key: string; name?: string; parts?: string[]; positions?: string[]; [field: string]: unknown };
export type Fastener = {
  key: string;
  name: string;
  reuse?: string;
  cycles?: number;
  head?: string;
  geometry?: { [field: string]: unknown };
  [field: string]: unknown;
};
type Group = { key: string; name: string; fastener?: string };
type Source = { key: string; kind: string; title: string; edition: string; date: string; page: string; record?: string; disagrees?: string };
type WindowStandard = {
  key: string;
  quantity: string;
  tolerance: string;
  source: string;
  record?: string;
  risk_class?: string;
  tool?: string;
};
export type Conflict = {
  key: string;
  about: string;
  stage?: string;
  sides: { source: string; says: string }[];
  decided?: string;
  reason?: string;
};
export type Check = { key: string; kind: string; name: string; why?: string; low?: string; high?: string; [field: string]: unknown };
export type Doc = {
  format: string;
  family: string;
  joint: string;
  option: string;
  risk_class?: string;
  map: { width: string; height: string; front: 'left' | 'right' | 'top' | 'bottom'; parts: MapPart[]; positions: MapPosition[] };
  fasteners: Fastener[];
  groups: Group[];
  surfaces: { surface: string; condition: string; [field: string]: unknown }[];
  sources: Source[];
  window_standards?: WindowStandard[];
  conflicts?: Conflict[];
  sequences?: { key: string; order: string[]; source?: string }[];
  checks?: Check[];
  stages: Stage[];
  cautions: string[];
  [field: string]: unknown;
};

const isThings = (list: unknown) => Array.isArray(list) && list.every((item) => typeof item === 'object' && item !== null && !Array.isArray(item));

/** What keeps a document from being shown by the editor; null where nothing does. Everything else the core judges. */
export function unshown(value: object): string | null {
  const doc = value as Record<string, unknown>;
  const map = (typeof doc.map === 'object' && doc.map !== null ? doc.map : {}) as Record<string, unknown>;
  for (const field of ['parts', 'positions']) if (!isThings(map[field])) return `map.${field} is no list`;
  for (const field of ['fasteners', 'groups', 'surfaces', 'sources', 'stages']) if (!isThings(doc[field])) return `${field} is no list`;
  for (const field of ['window_standards', 'sequences', 'checks', 'conflicts', 'consumables', 'fault_overrides', 'aids', 'adapters', 'turn_stops'])
    if (doc[field] !== undefined && !isThings(doc[field])) return `${field} is no list`;
  if (!Array.isArray(doc.cautions)) return 'cautions is no list';
  const pictured = [...(doc.fasteners as object[]), ...((doc.checks ?? []) as object[])] as Record<string, unknown>[];
  if (pictured.some((thing) => thing.pictures !== undefined && !isThings(thing.pictures))) return 'pictures is no list';
  const strokes = typeof doc.marks === 'object' && doc.marks !== null ? (doc.marks as Record<string, unknown>).strokes : undefined;
  if (strokes !== undefined && !isThings(strokes)) return 'strokes of the marks is no list';
  return (doc.stages as object[]).map(unshownStage).find((wrong) => wrong !== null) ?? null;
}

/** The same of one round or block. */
export function unshownStage(value: object): string | null {
  const stage = value as Record<string, unknown>;
  for (const field of ['targets', 'legs', 'stages', 'pictures'])
    if (stage[field] !== undefined && !isThings(stage[field])) return `${field} of a round is no list`;
  for (const inner of [...((stage.targets ?? []) as object[]), ...((stage.legs ?? []) as object[])] as Record<string, unknown>[])
    for (const field of ['positions', 'parts']) if (inner[field] !== undefined && !Array.isArray(inner[field])) return `${field} of a round is no list`;
  return ((stage.stages ?? []) as object[]).map(unshownStage).find((wrong) => wrong !== null) ?? null;
}

/** A key that nothing else has: the words in a–z, 0–9 and _, with a number where they are taken. */
export function newKey(words: string, taken: string[]): string {
  const bare = words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 24);
  const base = bare === '' ? 'k' : bare;
  let key = base;
  for (let i = 2; taken.includes(key); i++) key = `${base}_${String(i)}`;
  return key;
}

type Keyed = { key: string };

/** A key that none of these has. */
export const keyAmong = (words: string, things: readonly Keyed[]) =>
  newKey(
    words,
    things.map((t) => t.key),
  );

/** The list with the one of that key put otherwise. */
export const changed = <T extends Keyed>(list: readonly T[], key: string, change: (thing: T) => T): T[] => list.map((t) => (t.key === key ? change(t) : t));

/** The list without the one of that key. */
export const without = <T extends Keyed>(list: readonly T[], key: string): T[] => list.filter((t) => t.key !== key);

/** The list without that one where it has it, with it at its end where it has not. */
export const toggled = (list: readonly string[], key: string): string[] => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key]);

/** Every stage, those of blocks included, in the document's order. */
export function allStages(stages: Stage[]): Stage[] {
  return stages.flatMap((s) => (s.stages ? allStages(s.stages) : [s]));
}

/** The stages before the one of that key; all where nothing has it. */
export function stagesBefore(stages: Stage[], key: string | null): Stage[] {
  const all = allStages(stages);
  const at = all.findIndex((s) => s.key === key);
  return at < 0 ? all : all.slice(0, at);
}

/** Every key of a stage or block. */
export function stageKeys(stages: Stage[]): string[] {
  return stages.flatMap((s) => [s.key, ...(s.stages ? stageKeys(s.stages) : [])]);
}

/** The stages with the one of that key put otherwise; null takes it out. */
export function withStage(stages: Stage[], key: string, change: (stage: Stage) => Stage | null): Stage[] {
  return stages.flatMap((s) => {
    if (s.key === key) {
      const next = change(s);
      return next === null ? [] : [next];
    }
    return [s.stages ? { ...s, stages: withStage(s.stages, key, change) } : s];
  });
}

/** The stage moved up (−1) or down (+1) among those beside it. */
export function movedStage(stages: Stage[], key: string, by: -1 | 1): Stage[] {
  const at = stages.findIndex((s) => s.key === key);
  if (at < 0) return stages.map((s) => (s.stages ? { ...s, stages: movedStage(s.stages, key, by) } : s));
  const [to, next] = [at + by, [...stages]];
  const [here, there] = [next[at], next[to]];
  if (!here || !there) return stages;
  [next[at], next[to]] = [there, here];
  return next;
}

/** Fields that are empty are left out, so that an absent value is never an empty text. */
export function withField<T extends object>(thing: T, field: string, value: unknown): T {
  const rest = Object.fromEntries(Object.entries(thing).filter(([key]) => key !== field));
  const empty = value === undefined || value === '' || value === false || (Array.isArray(value) && value.length === 0);
  return (empty ? rest : { ...rest, [field]: value }) as T;
}

/** A field of a thing within a thing; the inner thing goes with its last field. */
export function withInner<T extends object>(thing: T, inner: string, field: string, value: unknown): T {
  const now = (thing as Record<string, unknown>)[inner];
  const next = withField(typeof now === 'object' && now !== null ? now : {}, field, value);
  return withField(thing, inner, Object.keys(next).length === 0 ? undefined : next);
}

type Surface = Doc['surfaces'][number];

/** What has a working time is applied on record, under a key; it gets one where it has none. */
export function recordedSurface(doc: Doc, surface: Surface): Surface {
  if (surface.working_time === undefined || surface.key !== undefined) return surface;
  const taken = doc.surfaces.map((s) => (typeof s.key === 'string' ? s.key : ''));
  return { key: newKey(surface.condition, taken), ...surface };
}

const round = (mm: number) => String(Math.round(mm * 10) / 10);

export function addPositions(doc: Doc, points: { x: string; y: string }[], group: string, part: string): Doc {
  const keys = doc.map.positions.map((p) => p.key);
  const numbers = new Set(doc.map.positions.map((p) => p.number));
  let number = 0;
  const added = points.map((point) => {
    do number += 1;
    while (numbers.has(String(number)));
    const key = newKey(`p${String(number)}`, keys);
    keys.push(key);
    return { key, number: String(number), ...point, group, part };
  });
  return { ...doc, map: { ...doc.map, positions: [...doc.map.positions, ...added] } };
}

export function movePositions(doc: Doc, keys: string[], dx: number, dy: number): Doc {
  const within = (value: number, size: string) => Math.min(Math.max(value, 0), Number(size));
  return withPositions(doc, keys, (p) => ({
    ...p,
    x: round(within(Number(p.x) + dx, doc.map.width)),
    y: round(within(Number(p.y) + dy, doc.map.height)),
  }));
}

export function withPositions(doc: Doc, keys: string[], change: (p: MapPosition) => MapPosition): Doc {
  return { ...doc, map: { ...doc.map, positions: doc.map.positions.map((p) => (keys.includes(p.key) ? change(p) : p)) } };
}

/** Positions taken out of the map, of every order, leg and target that names them. */
export function removePositions(doc: Doc, keys: string[]): Doc {
  const left = (order: string[]) => order.filter((k) => !keys.includes(k));
  const stage = (s: Stage): Stage => ({
    ...s,
    ...(s.stages ? { stages: s.stages.map(stage) } : {}),
    ...(s.legs ? { legs: s.legs.map((leg) => (leg.positions ? { ...leg, positions: left(leg.positions) } : leg)) } : {}),
    ...(Array.isArray(s.sequence) ? { sequence: left(s.sequence) } : {}),
    ...(s.targets ? { targets: s.targets.map((t) => (t.positions ? { ...t, positions: left(t.positions) } : t)) } : {}),
  });
  return {
    ...doc,
    map: { ...doc.map, positions: doc.map.positions.filter((p) => !keys.includes(p.key)) },
    ...(doc.sequences ? { sequences: doc.sequences.map((s) => ({ ...s, order: left(s.order) })) } : {}),
    stages: doc.stages.map(stage),
  };
}

/** The order's places become the numbers on the map; whatever it leaves out is numbered after it. */
export function numberedBy(doc: Doc, order: string[]): Doc {
  const rest = doc.map.positions.map((p) => p.key).filter((k) => !order.includes(k));
  const place = new Map([...order, ...rest].map((key, i) => [key, String(i + 1)]));
  return { ...doc, map: { ...doc.map, positions: doc.map.positions.map((p) => ({ ...p, number: place.get(p.key) ?? p.number })) } };
}

/** Puts an order under a name; the stages that go by that name follow. */
export function withOrder(doc: Doc, key: string, order: string[]): Doc {
  const others = doc.sequences ?? [];
  const known = others.some((s) => s.key === key);
  return { ...doc, sequences: known ? changed(others, key, (s) => ({ ...s, order })) : [...others, { key, order }] };
}

/** Stages and checks that a typed line stands for, put behind those there are; each goes by the first order there is. */
export function withLine(doc: Doc, stages: Stage[], checks: Check[]): Doc {
  const taken = stageKeys(doc.stages);
  const renamed = new Map<string, string>();
  for (const check of checks) {
    const key = newKey(check.name, [...(doc.checks ?? []).map((c) => c.key), ...renamed.values()]);
    renamed.set(check.key, key);
  }
  const source = doc.sources[0]?.key;
  const standardFor = (kind: string | undefined) =>
    doc.window_standards?.find((w) => w.quantity === (kind === 'turn' ? 'angle' : kind === 'stretch' ? 'length' : 'torque'))?.key;
  const added = stages.map((stage) => {
    const key = newKey(stage.key, taken);
    taken.push(key);
    const standard = stage.kind === 'verification_pass' ? undefined : standardFor(stage.kind);
    const targets = stage.targets?.map((t) => ({
      ...t,
      ...(standard === undefined ? {} : { window_standard: standard }),
      ...(source === undefined ? {} : { target_source: source }),
    }));
    return {
      ...stage,
      key,
      ...(targets ? { targets } : {}),
      ...(typeof stage.check === 'string' ? { check: renamed.get(stage.check) ?? stage.check } : {}),
    };
  });
  const first = added.find((s) => s.targets !== undefined || s.kind === 'seat' || s.kind === 'loosen');
  const order = doc.map.positions.map((p) => p.key);
  const withFirst = first && (doc.sequences ?? []).length === 0 ? withOrder(doc, 'order', order) : doc;
  return {
    ...withFirst,
    checks: [...(doc.checks ?? []), ...checks.map((c) => ({ ...c, key: renamed.get(c.key) ?? c.key }))],
    stages: [...doc.stages, ...added],
  };
}
