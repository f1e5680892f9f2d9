import type { Doc, Stage } from './document';

export const STAGE_KINDS = [
  { value: 'seat', text: 'seat' },
  { value: 'torque', text: 'torque' },
  { value: 'turn', text: 'turn' },
  { value: 'stretch', text: 'stretch' },
  { value: 'loosen', text: 'loosen' },
  { value: 'hold', text: 'hold' },
  { value: 'settle', text: 'settle' },
  { value: 'check', text: 'check' },
  { value: 'verification_pass', text: 'verification pass' },
  { value: 'prevailing_torque', text: 'prevailing torque' },
  { value: 'residual_torque', text: 'residual torque' },
];

const MUST_HAVE_TARGETS = ['torque', 'turn', 'stretch', 'hold', 'verification_pass', 'prevailing_torque', 'residual_torque'];
export const WITH_TARGETS = [...MUST_HAVE_TARGETS, 'seat'];
export const WITH_ORDER = ['seat', 'torque', 'turn', 'stretch', 'loosen', 'hold', 'verification_pass', 'prevailing_torque', 'residual_torque'];

/** A round as it begins: for every group, in the first order there is. */
export function freshStage(doc: Doc, kind: string, key: string): Stage {
  if (kind === 'block') return { key, traversal: 'part_by_part', why: '', stages: [] };
  const source = doc.sources[0]?.key;
  const targets = doc.groups.map((g) => ({ group: g.key, target: '', ...(source === undefined ? {} : { target_source: source }) }));
  const order = doc.sequences?.[0]?.key;
  return {
    key,
    kind,
    ...(MUST_HAVE_TARGETS.includes(kind) ? { targets } : {}),
    ...(WITH_ORDER.includes(kind) && order !== undefined ? { sequence: order } : {}),
    ...(kind === 'stretch' ? { method: 'absolute' } : {}),
    ...(kind === 'residual_torque' ? { method: 'further_turn' } : {}),
    ...(kind === 'hold' ? { held: { what: '', direction: 'anticlockwise' } } : {}),
    ...(kind === 'check' && doc.checks?.[0] ? { check: doc.checks[0].key } : {}),
    why: '',
  };
}

/** What a round or block is called where it is not shown whole. */
export function said(stage: Stage): string {
  if (stage.name !== undefined && stage.name !== '') return stage.name;
  if (stage.stages) return `block, ${(stage.traversal ?? 'in turn').replaceAll('_', ' ')}`;
  return STAGE_KINDS.find((k) => k.value === stage.kind)?.text ?? stage.key;
}
