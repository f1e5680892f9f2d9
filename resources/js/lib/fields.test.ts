import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FAULT_FIELDS } from './fault-fields';
import {
  ADAPTER_FIELDS,
  AID_FIELDS,
  BLOCK_PARTS,
  CHECK_FIELDS,
  CHECK_KINDS,
  CONSUMABLE_FIELDS,
  CYCLES_FIELD,
  SPENT_FIELD,
  FASTENER_FIELDS,
  type FieldSpec,
  GEOMETRY_FIELDS,
  HELD_FIELDS,
  LEG_FIELDS,
  MARK_FIELDS,
  MEMBER_FIELDS,
  MORE_CHECK_FIELDS,
  MORE_FASTENER_FIELDS,
  MORE_GEOMETRY_FIELDS,
  SHANK_FIELDS,
  STROKE_FIELDS,
  THEN_FIELDS,
  TOOL_FIELDS,
  TURN_STOP_FIELDS,
  WITHIN_FIELDS,
  choicesAt,
  furtherFields,
  limitFields,
  mayBeLate,
  neededFields,
} from './fields';
import { STAGE_KINDS, WITH_ORDER, WITH_TARGETS, freshStage } from './stages';

type Property = { enum?: string[]; default?: unknown; type?: string };
type Thing = { properties: Record<string, Property>; required?: string[] };
const { $defs: published } = JSON.parse(readFileSync('docs/formats/procedure.schema.json', 'utf8')) as { $defs: Record<string, Thing> };
const thing = (name: string): Thing => {
  const found = published[name];
  if (!found) throw new Error(`the published schema has no ${name}`);
  return found;
};
/** Fields with a form of their own, and the key, which nobody types. */
const OWN = ['key', 'kind', 'name', 'why', 'targets', 'sequence', 'tool', 'within', 'held', 'then_by_torque', 'pictures'];

/** Whether the form asks for every field that may be written, and offers every word that may stand there. */
function asksForAll(name: string, fields: FieldSpec[], own: string[]): void {
  const { properties } = thing(name);
  expect(fields.map((f) => f.field).sort(), name).toEqual(
    Object.keys(properties)
      .filter((field) => !own.includes(field))
      .sort(),
  );
  for (const spec of fields) {
    const property = properties[spec.field];
    const words = property?.enum;
    if (words === undefined || spec.as !== 'one') {
      expect(words, `${name}: ${spec.field}`).toBeUndefined();
      continue;
    }
    // What is usual is offered as the empty choice, which leaves the field out.
    const offered = spec.options.map((o) => o.value);
    const missing = words.filter((word) => !offered.includes(word));
    expect(
      missing.filter((word) => word !== property?.default),
      `${name}: ${spec.field} offers every word`,
    ).toEqual([]);
    expect(
      offered.filter((word) => !words.includes(word)),
      `${name}: ${spec.field} offers no other`,
    ).toEqual([]);
    if (missing.length > 0) expect(spec.usual, `${name}: ${spec.field} says what is usual`).toBeDefined();
  }
}

describe('the forms of the editor, held to the published schema', () => {
  it('know every kind of round', () => {
    const kinds = Object.keys(published).filter((name) => name.startsWith('stage_'));
    expect(STAGE_KINDS.map((k) => `stage_${k.value}`).sort()).toEqual(kinds.sort());
  });

  it.each(STAGE_KINDS.map((k) => k.value))('ask for all that a round may say: %s', (kind) => {
    asksForAll(`stage_${kind}`, [...neededFields(kind), ...furtherFields(kind)], OWN);
    const { properties } = thing(`stage_${kind}`);
    expect('within' in properties).toBe(mayBeLate(kind));
    expect('sequence' in properties, 'an order is asked for').toBe(WITH_ORDER.includes(kind) || kind === 'check');
    // Loosening and checks may name targets by group alone; that has its own field.
    if (!['loosen'].includes(kind)) expect('targets' in properties, 'targets are asked for').toBe(WITH_TARGETS.includes(kind));
  });

  it.each(STAGE_KINDS.map((k) => k.value))('begin a round with all that it cannot do without: %s', (kind) => {
    const doc = {
      format: 'tekkal.procedure/1',
      family: 'A',
      joint: 'B',
      option: 'c',
      risk_class: 'B',
      map: { width: '1', height: '1', front: 'left' as const, parts: [], positions: [] },
      fasteners: [],
      groups: [{ key: 'g', name: 'all', fastener: 'f' }],
      surfaces: [],
      sources: [],
      checks: [{ key: 'c', kind: 'confirm', name: 'looked' }],
      stages: [],
      cautions: [],
    };
    const fresh = freshStage(doc, kind, 'k');
    const asked = neededFields(kind).map((f) => f.field);
    for (const field of thing(`stage_${kind}`).required ?? []) expect(field in fresh || asked.includes(field), field).toBe(true);
  });

  it('ask for all that tools, limits of time, partners, marks, strokes, aids, adapters, things used up, rules of a source and legs may say', () => {
    asksForAll('tool', TOOL_FIELDS, []);
    asksForAll('within', WITHIN_FIELDS, []);
    asksForAll('held', HELD_FIELDS, []);
    asksForAll('marks', MARK_FIELDS, ['strokes']);
    asksForAll('stroke', STROKE_FIELDS, []);
    asksForAll('then_by_torque', THEN_FIELDS, []);
    asksForAll('aid', AID_FIELDS, ['key']);
    asksForAll('adapter', ADAPTER_FIELDS, ['key']);
    asksForAll('turn_stop', TURN_STOP_FIELDS, ['key']);
    asksForAll('consumable', CONSUMABLE_FIELDS, ['key']);
    asksForAll('fault_override', FAULT_FIELDS, []);
    asksForAll('block', [BLOCK_PARTS], ['key', 'traversal', 'legs', 'why', 'stages']);
    // Parts and positions of a leg are taken from the map.
    asksForAll('leg', LEG_FIELDS, ['key', 'parts', 'positions']);
  });

  it('ask for all that is known of a fastener', () => {
    asksForAll('fastener', [...FASTENER_FIELDS, CYCLES_FIELD, SPENT_FIELD, ...MORE_FASTENER_FIELDS], ['key', 'geometry', 'pictures']);
    // The name of a friction set is kept where it stands; nothing goes by it, so nobody is asked for it.
    asksForAll('geometry', [...GEOMETRY_FIELDS, ...MORE_GEOMETRY_FIELDS], ['shank', 'members', 'friction_set']);
    asksForAll('shank', SHANK_FIELDS, []);
    asksForAll('member', MEMBER_FIELDS, []);
  });

  it('ask for all that a check may say, whatever its kind', () => {
    expect(CHECK_KINDS.map((k) => `check_${k.value}`).sort()).toEqual(
      Object.keys(published)
        .filter((name) => name.startsWith('check_'))
        .sort(),
    );
    for (const { value } of CHECK_KINDS)
      asksForAll(`check_${value}`, [...limitFields(value), ...CHECK_FIELDS, ...MORE_CHECK_FIELDS], ['key', 'kind', 'name', 'pictures']);
  });

  it('let one choose earlier rounds by their place in the ladder', () => {
    const stages = [
      { key: 'snug', kind: 'torque' },
      {
        key: 'b',
        traversal: 'pairs',
        stages: [
          { key: 'i', kind: 'turn' },
          { key: 'j', kind: 'turn' },
        ],
      },
    ];
    const doc = {
      format: '',
      family: '',
      joint: '',
      option: '',
      risk_class: '',
      map: { width: '', height: '', front: 'left' as const, parts: [], positions: [] },
      fasteners: [],
      groups: [],
      surfaces: [],
      sources: [],
      stages,
      cautions: [],
    };
    expect(choicesAt(doc, { key: 'j' }).stages).toEqual([
      { value: 'snug', text: '1 torque' },
      { value: 'i', text: '2.1 turn' },
    ]);
  });
});
