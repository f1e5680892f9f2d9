import { type Doc, type Stage, stagesBefore } from './document';
import { TIGHTENING, WITH_GROUPS, WITH_MOTION, WITH_ORDER, said } from './stages';

type Option = { value: string; text: string };

/** What a choice is made from. */
export type Choices = {
  stages: Option[];
  groups: Option[];
  parts: Option[];
  checks: Option[];
  consumables: Option[];
  sources: Option[];
  aids: Option[];
  adapters: Option[];
  ends: Option[];
};

/** One field of the document as the editor asks for it. */
export type FieldSpec = { field: string; label: string } & (
  | { as: 'text'; example?: string; wide?: boolean }
  | { as: 'number' }
  | { as: 'tick' }
  | { as: 'one'; options: Option[]; usual?: string }
  | { as: 'one-of' | 'several'; from: keyof Choices; usual?: string }
);

export const words = (...values: string[]): Option[] => values.map((value) => ({ value, text: value.replaceAll('_', ' ') }));

const text = (field: string, label: string, example?: string): FieldSpec => ({ field, label, as: 'text', ...(example === undefined ? {} : { example }) });

export const TOOL_FIELDS: FieldSpec[] = [
  {
    field: 'kind',
    label: 'Tool',
    as: 'one',
    usual: 'what the round needs',
    options: words('torque_wrench', 'angle_gauge', 'dial_gauge', 'micrometer', 'powered', 'hand', 'feeler_gauge', 'plastic_gauge'),
  },
  text('least_range', 'Its range reaches', '150 N·m'),
  text('class', 'Accuracy class', '4 %'),
];

export const WITHIN_FIELDS: FieldSpec[] = [
  text('time', 'At the latest, for each fastener', '15 min'),
  { field: 'after', label: 'after its round', as: 'one-of', from: 'stages' },
];

export const HELD_FIELDS: FieldSpec[] = [
  text('what', 'The partner holds', 'the wheel'),
  { field: 'direction', label: 'against', as: 'one', options: words('anticlockwise', 'clockwise') },
  text('torque', 'at', '15 lbf·ft'),
  text('low', 'good from', '12 lbf·ft'),
  text('high', 'to', '18 lbf·ft'),
];

/** What a redo may take along. */
export const SCOPES: Option[] = words('position', 'part', 'group', 'joint');

/** What a round of a kind cannot do without, besides its targets and its order. */
const NEEDED: Partial<Record<string, FieldSpec[]>> = {
  turn: [text('threshold', 'Counted from', '15 lbf·ft')],
  stretch: [{ field: 'method', label: 'Measured', as: 'one', options: words('absolute', 'comparator') }],
  check: [{ field: 'check', label: 'Which check', as: 'one-of', from: 'checks' }],
  residual_torque: [{ field: 'method', label: 'Measured', as: 'one', options: words('first_movement', 'further_turn', 'loosen_and_retighten') }],
  settle: [text('at_least', 'Wait at least', '10 min'), text('at_most', 'and at most', '24 h')],
  loosen: [{ field: 'how', label: 'How far', as: 'one', usual: 'as “back by” says', options: words('fully', 'by_angle') }, text('back', 'Back by', '90°')],
};

/** After how many measured ones the others of a stretch round may be done by torque alone. */
export const THEN_FIELDS: FieldSpec[] = [
  { field: 'first', label: 'By torque alone after so many measured', as: 'number' },
  text('low', 'good from', '62 N·m'),
  text('high', 'to', '68 N·m'),
  { field: 'evidence', label: 'Their least evidence', as: 'one', usual: 'a measured value', options: words('one_by_one', 'as_round') },
  { field: 'source', label: 'Who says so', as: 'one-of', from: 'sources' },
];

const FURTHER: (FieldSpec & { kinds: string[] })[] = [
  { field: 'counted', label: 'Angle counts', kinds: ['turn'], as: 'one', usual: 'from the start of the round', options: words('from_threshold') },
  { field: 'ceiling', label: 'Torque never above', kinds: ['stretch'], as: 'text', example: '90 N·m' },
  { field: 'one_zero_within', label: 'One zero for a pair alike within', kinds: ['stretch'], as: 'text', example: '0.002 in' },
  { field: 'prevailing', label: 'Prevailing torque', kinds: ['torque'], as: 'one', usual: 'none', options: words('included', 'added') },
  { field: 'prevailing_from', label: 'measured in round', kinds: ['torque'], as: 'one-of', from: 'stages', usual: '–' },
  { field: 'repeat_at_most', label: 'Passes at most', kinds: ['verification_pass'], as: 'number' },
  { field: 'per', label: 'Asked once for', kinds: ['check'], as: 'one', usual: 'the joint', options: words('part', 'position') },
  { field: 'at_a_time', label: 'All in turn, each so much at a time', kinds: ['seat', 'loosen'], as: 'text', example: '1/4 turn' },
  { field: 'reaction', label: 'What takes the reaction', kinds: TIGHTENING, as: 'text', example: 'the fixture, never another nut' },
  {
    field: 'motion',
    label: 'Motion',
    kinds: WITH_MOTION,
    as: 'one',
    usual: 'as usual for its kind',
    options: words('one_motion', 'may_ratchet'),
  },
  { field: 'shortfall', label: 'After a shortfall', kinds: WITH_MOTION, as: 'one', usual: 'back off', options: words('continue') },
  { field: 'redo', label: 'A redo takes along', kinds: WITH_ORDER, as: 'one', usual: 'the position', options: SCOPES.slice(1) },
  {
    field: 'evidence',
    label: 'Least evidence',
    kinds: WITH_ORDER,
    as: 'one',
    usual: 'as usual for its kind',
    options: words('measured', 'one_by_one', 'as_round'),
  },
  { field: 'loading', label: 'counts as one use of the fastener', kinds: TIGHTENING, as: 'tick' },
  { field: 'second_look', label: 'looked at by a second person', kinds: WITH_ORDER, as: 'tick' },
  { field: 'reversed', label: 'goes through its order backwards', kinds: [...WITH_ORDER, 'check'], as: 'tick' },
];

const ANY_ROUND: FieldSpec[] = [
  { field: 'trial', label: 'is part of a trial fit', as: 'tick' },
  { field: 'needs', label: 'Only after all of', as: 'several', from: 'stages' },
  { field: 'consumables', label: 'Uses up', as: 'several', from: 'consumables' },
  { field: 'fit', label: 'Goes in before it', as: 'several', from: 'aids' },
  { field: 'remove', label: 'Comes out before it', as: 'several', from: 'aids' },
];
const ONLY_GROUPS: FieldSpec = { field: 'groups', label: 'Only for', as: 'several', from: 'groups' };

export const neededFields = (kind: string): FieldSpec[] => NEEDED[kind] ?? [];

export const furtherFields = (kind: string): FieldSpec[] => [
  ...FURTHER.filter((f) => f.kinds.includes(kind)),
  ...ANY_ROUND,
  ...(WITH_GROUPS.includes(kind) ? [ONLY_GROUPS] : []),
];

/** Whether each of its fasteners may have to follow another round in time. */
export const mayBeLate = (kind: string): boolean => WITH_ORDER.includes(kind);

/** Where a block has no legs of its own: the parts it goes through, in the order in which they are ticked. */
export const BLOCK_PARTS: FieldSpec = { field: 'parts', label: 'Only these parts, one after the other', as: 'several', from: 'parts' };

export const LEG_FIELDS: FieldSpec[] = [
  text('name', 'Called', 'what can be reached first'),
  { field: 'before', label: 'Before it, the check', as: 'one-of', from: 'checks', usual: 'none' },
  { field: 'back', label: 'Coming back to it, the check', as: 'one-of', from: 'checks', usual: 'as before it' },
];

export const HEADS: Option[] = [
  { value: 'hex', text: 'hexagon' },
  { value: 'twelve_point', text: 'twelve-point' },
  { value: 'internal', text: 'internal drive' },
  { value: 'stud_with_nut', text: 'stud with nut' },
];

/** What the hand and the eye know of a kind of fastener. */
export const FASTENER_FIELDS: FieldSpec[] = [
  { field: 'name', label: 'Name', as: 'text', example: 'M10 × 1.5 × 80 cap bolt, class 10.9', wide: true },
  text('thread', 'Thread', 'M10 × 1.5'),
  text('strength', 'Class or grade', '10.9'),
  text('length', 'Length', '80 mm'),
  text('marking', 'Marking on the head'),
  text('across_flats', 'Across flats', '16 mm'),
  { field: 'head', label: 'Head', as: 'one', usual: 'not said', options: HEADS },
  text('drive', 'Drive', '1/2 in hexagon'),
  {
    field: 'reuse',
    label: 'Used again',
    as: 'one',
    usual: 'not said yet',
    options: [
      { value: 'free', text: 'as often as it is good' },
      { value: 'if_check_passes', text: 'if its check passes' },
      { value: 'up_to', text: 'so many tightenings' },
      { value: 'never', text: 'new every time' },
    ],
  },
];
export const CYCLES_FIELD: FieldSpec = { field: 'cycles', label: 'Tightenings in all', as: 'number' };
export const SPENT_FIELD: FieldSpec = {
  field: 'spent_when',
  label: 'Used up',
  as: 'one',
  usual: 'when it reaches its loading round',
  options: [{ value: 'turned', text: 'when it is first turned in' }],
};
export const MORE_FASTENER_FIELDS: FieldSpec[] = [
  text('material', 'Material, where it has no class'),
  text('part_number', 'Part number in the source'),
  { field: 'hand', label: 'Thread turns', as: 'one', usual: 'to the right', options: [{ value: 'left', text: 'to the left' }] },
  { field: 'thread_cycles', label: 'Tightenings that the thread takes', as: 'number' },
  { field: 'insert_cycles', label: 'Tightenings that an insert takes', as: 'number' },
  text('never_exceed_stretch', 'Scrap beyond a stretch of', '0.20 mm'),
  { field: 'source', label: 'Where the data come from', as: 'text', wide: true },
];

/** What estimates need, as far as it is known. */
export const GEOMETRY_FIELDS: FieldSpec[] = [
  text('grip_length', 'Clamped length', '60 mm'),
  text('bearing_diameter', 'Bearing face, outer ⌀', '14.6 mm'),
  text('hole_diameter', 'Hole ⌀', '11 mm'),
];
export const MORE_GEOMETRY_FIELDS: FieldSpec[] = [
  text('engaged_length', 'Thread engaged', '18 mm'),
  text('neck_diameter', 'Thinnest ⌀ of the shank', '7.8 mm'),
  text('washer_thickness', 'Washer under the head', '2 mm'),
];
export const SHANK_FIELDS: FieldSpec[] = [text('length', 'Shank length', '42 mm'), text('diameter', 'Shank ⌀', '10 mm')];
export const MEMBER_FIELDS: FieldSpec[] = [text('material', 'Clamped member of', 'steel'), text('thickness', 'Its thickness', '54 mm')];

/** A tighter limit of the shop's own; between the two the lead decides. */
const SHOP_LIMITS: FieldSpec[] = [text('shop_low', 'In this shop from', '0.10 mm'), text('shop_high', 'to (shop)', '0.25 mm')];

const LIMITS: Record<string, FieldSpec[]> = {
  confirm: [],
  feel: [],
  identity: [
    { field: 'matches', label: 'The same as', as: 'one-of', from: 'checks', usual: 'nothing else' },
    text('expected', 'It must read, where one knows'),
  ],
  measure: [text('low', 'Good from', '0.08 mm'), text('high', 'to', '0.30 mm'), ...SHOP_LIMITS],
  interval: [text('low', 'Good from', '0.04 mm'), text('high', 'to', '0.08 mm'), ...SHOP_LIMITS],
  go_no_go: [text('go', 'Enters', '0.05 mm'), text('no_go', 'Does not', '0.15 mm')],
  compare: [text('change_at_most', 'Changes at most by', '0.02 mm'), { field: 'compare_with', label: 'with', as: 'one-of', from: 'checks' }],
};

export const CHECK_KINDS: Option[] = [
  { value: 'confirm', text: 'yes or no' },
  { value: 'feel', text: 'as the hand feels it' },
  { value: 'identity', text: 'what is stamped on it' },
  { value: 'measure', text: 'a measured value' },
  { value: 'interval', text: 'between two marks of a gauge' },
  { value: 'go_no_go', text: 'go and no-go gauge' },
  { value: 'compare', text: 'against an earlier value' },
];

/** What a check's answer is held to. */
export const limitFields = (kind: string): FieldSpec[] => LIMITS[kind] ?? [];

export const CHECK_FIELDS: FieldSpec[] = [text('method', 'How'), text('why', 'Why'), text('source', 'Whose check it is')];

/** What few checks say. */
export const MORE_CHECK_FIELDS: FieldSpec[] = [
  {
    field: 'way_back',
    label: 'Where it fails, loosen',
    as: 'one',
    usual: 'nothing; look into it',
    options: [
      { value: 'last_part', text: 'the last part first' },
      { value: 'last_group', text: 'the last group first' },
      { value: 'last_leg', text: 'the last leg first' },
    ],
  },
  { field: 'turns_shaft', label: 'the shaft is turned for it', as: 'tick' },
  { field: 'needs', label: 'Only after these have held', as: 'several', from: 'checks' },
];

export const AID_FIELDS: FieldSpec[] = [
  text('number', 'Number on it', '7'),
  text('name', 'As people say it', 'the crank lock'),
  { field: 'kind', label: 'Kind', as: 'one', options: words('pin', 'lock', 'plug', 'guard', 'bar', 'strip', 'other') },
  { field: 'pieces', label: 'Pieces', as: 'number' },
  { field: 'holds_shaft', label: 'the shaft is not turned with it in', as: 'tick' },
  { field: 'stays', label: 'it stays in', as: 'tick' },
];

export const ADAPTER_FIELDS: FieldSpec[] = [
  text('name', 'As people say it', 'the 17 mm crow-foot'),
  text('adds', 'Adds to the lever', '50 mm'),
  text('wrench', 'On a wrench of', '400 mm'),
];

export const TURN_STOP_FIELDS: FieldSpec[] = [
  { field: 'why', label: 'What stands in the way', as: 'text', example: 'the thrust halves are not aligned', wide: true },
  { field: 'from', label: 'From the first result of', as: 'one-of', from: 'stages', usual: 'the beginning' },
  { field: 'until', label: 'until this is done', as: 'one-of', from: 'ends', usual: 'the end' },
];

export const STROKE_FIELDS: FieldSpec[] = [
  { field: 'after', label: 'After round', as: 'one-of', from: 'stages' },
  text('looks', 'it looks so', 'white line'),
  { field: 'where', label: 'Where', as: 'one', usual: 'as the marks', options: words('head', 'beside') },
  { field: 'crosses', label: 'crossing that of', as: 'one-of', from: 'stages', usual: 'none' },
];

export const SURFACE_GROUPS: FieldSpec = { field: 'groups', label: 'Only on', as: 'several', from: 'groups' };

export const MARK_FIELDS: FieldSpec[] = [
  {
    field: 'when',
    label: 'A mark is made',
    as: 'one',
    usual: 'not said',
    options: [
      { value: 'each_fastener', text: 'with each fastener' },
      { value: 'each_round', text: 'with each round' },
      { value: 'at_the_end', text: 'once, at the end' },
      { value: 'none', text: 'never' },
    ],
  },
  { field: 'where', label: 'Where', as: 'one', usual: 'on the head', options: [{ value: 'beside', text: 'beside it' }] },
  text('stroke', 'Which stroke', 'white, over the edge'),
];

export const CONSUMABLE_FIELDS: FieldSpec[] = [
  { field: 'kind', label: 'Kind', as: 'one', options: words('gasket', 'seal', 'locker', 'sealant', 'lubricant', 'plastic_gauge', 'other') },
  text('name', 'As the store calls it', 'thread locker, medium'),
  { field: 'crushed_by', label: 'Set for good by', as: 'one-of', from: 'stages', usual: 'nothing' },
];

/** Rounds with their numbers in the ladder. */
function numbered(stage: Stage, no: string): [string, string][] {
  return stage.stages ? stage.stages.flatMap((s, i) => numbered(s, `${no}.${String(i + 1)}`)) : [[stage.key, no]];
}

/** What may be chosen at a round: only earlier rounds can be waited for. */
export function choicesAt(doc: Doc, stage?: Stage): Choices {
  const named = (list: { key: string; name?: string }[]) =>
    list.map((thing) => ({ value: thing.key, text: thing.name === undefined || thing.name === '' ? thing.key : thing.name }));
  const listed = (field: string) => named((Array.isArray(doc[field]) ? doc[field] : []) as { key: string; name?: string }[]);
  const numbers = new Map(doc.stages.flatMap((s, i) => numbered(s, String(i + 1))));
  const stages = stagesBefore(doc.stages, stage?.key ?? null).map((s) => ({ value: s.key, text: `${numbers.get(s.key) ?? ''} ${said(s)}` }));
  return {
    stages,
    groups: named(doc.groups),
    parts: named(doc.map.parts),
    checks: named(doc.checks ?? []),
    consumables: listed('consumables'),
    aids: listed('aids'),
    adapters: listed('adapters'),
    ends: [...stages, ...named(doc.checks ?? [])],
    sources: doc.sources.map((s) => ({ value: s.key, text: s.record ?? (s.title === '' ? s.key : s.title) })),
  };
}
