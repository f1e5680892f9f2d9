import { describe, expect, it } from 'vitest';
import {
  type Doc,
  addPositions,
  changed,
  keyAmong,
  movePositions,
  movedStage,
  newKey,
  numberedBy,
  recordedSurface,
  removePositions,
  stagesBefore,
  toggled,
  unshown,
  unshownStage,
  withField,
  withInner,
  withLine,
  withStage,
  without,
} from './document';
import { begin, change, redo, undo } from './history';

const doc: Doc = {
  format: 'tekkal.procedure/1',
  family: 'A',
  joint: 'B',
  option: 'c',
  risk_class: 'B',
  map: { width: '100', height: '50', front: 'left', parts: [], positions: [] },
  fasteners: [],
  groups: [{ key: 'g', name: 'all of them', fastener: 'f' }],
  surfaces: [],
  sources: [{ key: 'book', kind: 'engine_maker', title: 't', edition: 'e', date: 'd', page: '1' }],
  window_standards: [{ key: 'wt', quantity: 'torque', tolerance: '4 %', source: 'book' }],
  stages: [
    { key: 'a', kind: 'torque', targets: [{ positions: ['p1', 'p2'] }] },
    { key: 'block', traversal: 'part_by_part', stages: [{ key: 'b', sequence: ['p1', 'p2'] }, { key: 'c' }] },
  ],
  cautions: [],
};
const drawn = addPositions(
  doc,
  [
    { x: '10', y: '20' },
    { x: '30', y: '20' },
  ],
  'g',
  'casting',
);

describe('a document being written', () => {
  it('is shown by the editor unless a list that it goes through is none', () => {
    expect(unshown(doc)).toBeNull();
    expect(unshown({ ...doc, map: {} })).toBe('map.parts is no list');
    expect(unshown({ ...doc, stages: ['snug'] })).toBe('stages is no list');
    expect(unshown({ ...doc, checks: 'none' })).toBe('checks is no list');
    expect(unshown({ ...doc, stages: [{ key: 'a', targets: 5 }] })).toBe('targets of a round is no list');
    expect(unshown({ ...doc, stages: [{ key: 'a', stages: [{ key: 'b', legs: [{ key: 'l', positions: 'p1' }] }] }] })).toBe('positions of a round is no list');
    expect(unshownStage({ key: 'a', stages: {} })).toBe('stages of a round is no list');
    expect(unshownStage({ key: 'a', targets: [{ positions: ['p1'] }] })).toBeNull();
  });

  it('gives new positions keys and numbers that nothing else has', () => {
    const more = addPositions(drawn, [{ x: '50', y: '20' }], 'g', 'casting');
    expect(more.map.positions.map((p) => [p.key, p.number])).toEqual([
      ['p1', '1'],
      ['p2', '2'],
      ['p3', '3'],
    ]);
    expect(newKey('End play!', ['end_play'])).toBe('end_play_2');
    expect(newKey('3/8', [])).toBe('k');
    expect(keyAmong('end play', [{ key: 'end_play' }, { key: 'end_play_2' }])).toBe('end_play_3');
  });

  it('changes, takes out and toggles one of a list and leaves the others and their order alone', () => {
    const list = ['a', 'b', 'c'].map((key) => ({ key, n: 1 }));
    expect(changed(list, 'b', (t) => ({ ...t, n: 2 })).map((t) => t.n)).toEqual([1, 2, 1]);
    expect(changed(list, 'x', (t) => ({ ...t, n: 2 }))).toEqual(list);
    expect(without(list, 'a').map((t) => t.key)).toEqual(['b', 'c']);
    expect(toggled(['p1', 'p2', 'p3'], 'p2')).toEqual(['p1', 'p3']);
    expect(toggled(['p1', 'p3'], 'p2')).toEqual(['p1', 'p3', 'p2']);
  });

  it('moves positions by tenths of a millimetre and never off the map', () => {
    expect(movePositions(drawn, ['p1'], 0.1, -100).map.positions[0]).toMatchObject({ x: '10.1', y: '0' });
    expect(movePositions(drawn, ['p1', 'p2'], 95, 0).map.positions.map((p) => p.x)).toEqual(['100', '100']);
  });

  it('takes a position out of every order and target with it', () => {
    const less = removePositions(drawn, ['p1']);
    expect(less.map.positions.map((p) => p.key)).toEqual(['p2']);
    expect(less.stages[0]?.targets).toEqual([{ positions: ['p2'] }]);
    expect(less.stages[1]?.stages?.[0]?.sequence).toEqual(['p2']);
  });

  it('takes a position out of the legs of a block, however deep it stands', () => {
    const stages = [
      {
        key: 'o',
        stages: [
          {
            key: 'i',
            legs: [
              { key: 'l', positions: ['p1', 'p2'] },
              { key: 'm', parts: ['c'] },
            ],
            stages: [],
          },
        ],
      },
    ];
    expect(removePositions({ ...drawn, stages }, ['p1']).stages[0]?.stages?.[0]?.legs).toEqual([
      { key: 'l', positions: ['p2'] },
      { key: 'm', parts: ['c'] },
    ]);
  });

  it('numbers the map by an order, and what the order leaves out after it', () =>
    expect(numberedBy(drawn, ['p2']).map.positions.map((p) => p.number)).toEqual(['2', '1']));

  it('changes, moves and takes out stages wherever they stand', () => {
    expect(withStage(doc.stages, 'b', (s) => ({ ...s, why: 'w' }))[1]?.stages?.[0]?.why).toBe('w');
    expect(withStage(doc.stages, 'b', () => null)[1]?.stages).toHaveLength(1);
    expect(movedStage(doc.stages, 'c', -1)[1]?.stages?.map((s) => s.key)).toEqual(['c', 'b']);
    expect(movedStage(doc.stages, 'a', -1)).toBe(doc.stages);
  });

  it('leaves out what is empty, so that an absent value is never an empty text', () => {
    expect(withField({ key: 'a', why: 'x' }, 'why', '')).toEqual({ key: 'a' });
    expect(withField({ key: 'a' }, 'loading', true)).toEqual({ key: 'a', loading: true });
  });

  it('has a thing within a thing only as long as the inner one says something', () => {
    const timed = withInner({ key: 'a' }, 'within', 'time', '15 min');
    expect(timed).toEqual({ key: 'a', within: { time: '15 min' } });
    expect(withInner(timed, 'within', 'after', 'snug')).toEqual({ key: 'a', within: { time: '15 min', after: 'snug' } });
    expect(withInner(timed, 'within', 'time', '')).toEqual({ key: 'a' });
    expect(withInner({ key: 'a', within: 'soon' }, 'within', 'time', '1 h')).toEqual({ key: 'a', within: { time: '1 h' } });
  });

  it('gives a surface a key once it has a working time, so that its application can be recorded', () => {
    const locker = { surface: 'threads', condition: 'locker' };
    const timed = { ...locker, working_time: '15 min' };
    expect(recordedSurface(doc, locker)).toEqual(locker);
    expect(recordedSurface(doc, timed)).toEqual({ key: 'locker', ...timed });
    expect(recordedSurface({ ...doc, surfaces: [{ key: 'locker', ...timed }] }, timed)).toEqual({ key: 'locker_2', ...timed });
    expect(recordedSurface(doc, { key: 'own', ...timed })).toEqual({ key: 'own', ...timed });
  });

  it('lets a round wait only for rounds before it, those in blocks included', () => {
    expect(stagesBefore(doc.stages, 'c').map((s) => s.key)).toEqual(['a', 'b']);
    expect(stagesBefore(doc.stages, 'a')).toEqual([]);
    expect(stagesBefore(doc.stages, null).map((s) => s.key)).toEqual(['a', 'b', 'c']);
  });

  it('puts the rounds of a typed line behind the others, with the first source and the standard for their quantity', () => {
    const grown = withLine(
      drawn,
      [
        { key: 'a', kind: 'torque', targets: [{ group: 'g', target: '15 N·m' }] },
        { key: 'look', kind: 'check', check: 'check_1' },
      ],
      [{ key: 'check_1', kind: 'confirm', name: 'end play' }],
    );
    expect(grown.stages.map((s) => s.key)).toEqual(['a', 'block', 'a_2', 'look']);
    expect(grown.stages[2]?.targets?.[0]).toEqual({ group: 'g', target: '15 N·m', window_standard: 'wt', target_source: 'book' });
    expect(grown.stages[3]?.check).toBe('end_play');
    expect(grown.sequences).toEqual([{ key: 'order', order: ['p1', 'p2'] }]);
  });
});

describe('undoing', () => {
  it('takes back what was typed into one field as one change, and brings it again', () => {
    let h = begin('');
    h = change(h, 'a', 'why', 1_000);
    h = change(h, 'ab', 'why', 1_500);
    h = change(h, 'ab!', 'target', 1_600);
    expect(undo(h).now).toBe('ab');
    expect(undo(undo(h)).now).toBe('');
    expect(redo(undo(undo(h))).now).toBe('ab');
    expect(undo(undo(undo(h))).now).toBe('');
    expect(redo(h)).toBe(h);
  });

  it('forgets what was undone once something else is changed', () => {
    const h = change(undo(change(begin(1), 2, 'x', 0)), 3, 'y', 9_000);
    expect(redo(h).now).toBe(3);
  });
});
