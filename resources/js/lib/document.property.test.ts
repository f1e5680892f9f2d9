import { describe, expect, it } from 'vitest';
import {
  type Doc,
  type Stage,
  addPositions,
  allStages,
  movePositions,
  movedStage,
  newKey,
  numberedBy,
  removePositions,
  stageKeys,
  unshown,
  withLine,
  withOrder,
  withPositions,
  withStage,
} from './document';
import { type History, begin, change, redo, undo } from './history';

/** Repeatable chance (a linear congruential generator, Numerical Recipes' constants). */
function chance(seed: number): (below: number) => number {
  let state = seed;
  return (below) => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

const start: Doc = {
  format: 'tekkal.procedure/1',
  family: 'A',
  joint: 'B',
  option: 'c',
  risk_class: 'B',
  map: {
    width: '300',
    height: '120',
    front: 'left',
    parts: [{ key: 'p', name: 'p', shape: 'box', x: '0', y: '0', width: '300', height: '120' }],
    positions: [],
  },
  fasteners: [{ key: 'f', name: 'f', reuse: 'free' }],
  groups: [
    { key: 'g', name: 'inner', fastener: 'f' },
    { key: 'h', name: 'outer', fastener: 'f' },
  ],
  surfaces: [],
  sources: [],
  stages: [],
  cautions: [],
};

type Next = (below: number) => number;
const some = (doc: Doc, next: Next) => doc.map.positions.filter(() => next(3) === 0).map((p) => p.key);
const anyStage = (doc: Doc, next: Next) => stageKeys(doc.stages)[next(Math.max(1, doc.stages.length))] ?? '';

/** What hands do to a draft. */
const DEEDS: ((doc: Doc, next: Next) => Doc)[] = [
  (doc, next) =>
    addPositions(
      doc,
      Array.from({ length: 1 + next(4) }, () => ({ x: String(next(300)), y: String(next(120)) })),
      next(2) === 0 ? 'g' : 'h',
      'p',
    ),
  (doc, next) => removePositions(doc, some(doc, next)),
  (doc, next) => movePositions(doc, some(doc, next), next(200) - 100, next(200) - 100),
  (doc, next) => withPositions(doc, some(doc, next), (p) => ({ ...p, group: next(2) === 0 ? 'g' : 'h' })),
  (doc, next) =>
    withOrder(
      doc,
      'order',
      [...doc.map.positions].sort(() => next(2) - 0.5).map((p) => p.key),
    ),
  (doc) => numberedBy(doc, doc.sequences?.[0]?.order ?? []),
  (doc, next) => withLine(doc, [{ key: `torque_${String(next(3))}`, kind: 'torque', targets: [{ group: 'g', target: '20 N·m' }] }], []),
  (doc, next) => withLine(doc, [{ key: 'look', kind: 'check', check: 'check_1' }], [{ key: 'check_1', kind: 'confirm', name: `looked ${String(next(2))}` }]),
  (doc, next) => ({ ...doc, stages: movedStage(doc.stages, anyStage(doc, next), next(2) === 0 ? -1 : 1) }),
  (doc, next) => ({
    ...doc,
    stages: withStage(doc.stages, anyStage(doc, next), (s) => (next(3) === 0 ? null : { ...s, sequence: doc.map.positions.map((p) => p.key) })),
  }),
  (doc, next) => ({
    ...doc,
    stages: [
      ...doc.stages,
      {
        key: newKey('block', stageKeys(doc.stages)),
        traversal: 'sub_groups',
        legs: [{ key: 'leg', positions: some(doc, next) }],
        stages: [{ key: newKey('inner', stageKeys(doc.stages)), kind: 'torque', targets: [{ positions: some(doc, next) }] }],
      },
    ],
  }),
];

/** What must hold of a draft whatever was done to it. */
function sound(doc: Doc): void {
  const keys = doc.map.positions.map((p) => p.key);
  const named = (order: unknown) => (Array.isArray(order) ? (order as string[]) : []);
  expect(new Set(keys).size, 'each position has a key of its own').toBe(keys.length);
  expect(new Set(doc.map.positions.map((p) => p.number)).size, 'and a number of its own').toBe(keys.length);
  for (const p of doc.map.positions) {
    expect(Number(p.x) >= 0 && Number(p.x) <= 300 && Number(p.y) >= 0 && Number(p.y) <= 120, 'it lies on the drawing').toBe(true);
  }
  for (const s of doc.sequences ?? [])
    expect(
      s.order.every((k) => keys.includes(k)),
      'an order names only what is there',
    ).toBe(true);
  expect(
    doc.stages.flatMap((s) => (s.legs ?? []).flatMap((l) => l.positions ?? [])).every((k) => keys.includes(k)),
    'a leg too',
  ).toBe(true);
  for (const s of allStages(doc.stages)) {
    expect(
      named(s.sequence).every((k) => keys.includes(k)),
      'so does a round',
    ).toBe(true);
    expect(
      (s.targets ?? []).flatMap((t) => t.positions ?? []).every((k) => keys.includes(k)),
      'and a target',
    ).toBe(true);
  }
  const stages = stageKeys(doc.stages);
  expect(new Set(stages).size, 'each round has a key of its own').toBe(stages.length);
  const checks = (doc.checks ?? []).map((c) => c.key);
  expect(new Set(checks).size, 'and each check').toBe(checks.length);
  for (const s of allStages(doc.stages)) if (typeof s.check === 'string') expect(checks).toContain(s.check);
  expect(unshown(doc)).toBeNull();
}

const seeds = Array.from({ length: 40 }, (_, i) => i + 1);

describe('a draft in busy hands', () => {
  it.each(seeds)('stays sound whatever is done to it, seed %i', (seed) => {
    const next = chance(seed);
    let doc = start;
    for (let i = 0; i < 40; i++) {
      doc = DEEDS[next(DEEDS.length)]?.(doc, next) ?? doc;
      sound(doc);
    }
  });

  it.each(seeds)('is left as it was by everything that makes another of it, seed %i', (seed) => {
    const next = chance(seed);
    let doc = start;
    for (let i = 0; i < 25; i++) {
      const before = JSON.stringify(doc);
      const after = DEEDS[next(DEEDS.length)]?.(doc, next) ?? doc;
      expect(JSON.stringify(doc)).toBe(before);
      doc = after;
    }
  });

  it.each(seeds)('goes back and forth through everything that was done, seed %i', (seed) => {
    const next = chance(seed);
    let history: History<Doc> = begin(start);
    const states = [JSON.stringify(start)];
    for (let i = 0; i < 20; i++) {
      const doc = DEEDS[next(DEEDS.length)]?.(history.now, next) ?? history.now;
      history = change(history, doc, `deed ${String(i)}`, i * 10_000);
      states.push(JSON.stringify(doc));
    }
    for (let i = states.length - 2; i >= 0; i--) {
      history = undo(history);
      expect(JSON.stringify(history.now)).toBe(states[i]);
    }
    for (const state of states.slice(1)) {
      history = redo(history);
      expect(JSON.stringify(history.now)).toBe(state);
    }
  });
});

describe('the order of rounds', () => {
  it.each(seeds)('has the same rounds in it after any moves, those within blocks too, seed %i', (seed) => {
    const next = chance(seed);
    let stages: Stage[] = [{ key: 'a' }, { key: 'b', stages: [{ key: 'c' }, { key: 'd' }, { key: 'e' }] }, { key: 'f' }];
    for (let i = 0; i < 30; i++) {
      stages = movedStage(stages, 'abcdef'.charAt(next(6)), next(2) === 0 ? -1 : 1);
      expect([...stageKeys(stages)].sort()).toEqual(['a', 'b', 'c', 'd', 'e', 'f']);
      expect(stages.find((s) => s.key === 'b')?.stages?.length).toBe(3);
    }
  });
});
