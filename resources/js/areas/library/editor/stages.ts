import type { Doc, Stage } from '@/lib/document';

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

export const WITH_TARGETS = ['torque', 'turn', 'stretch', 'hold', 'verification_pass', 'prevailing_torque', 'residual_torque', 'seat'];
export const WITH_ORDER = ['seat', 'torque', 'turn', 'stretch', 'loosen', 'hold', 'verification_pass', 'prevailing_torque', 'residual_torque'];

type More = { field: string; label: string; kinds: string[]; example?: string; options?: string[] };

/** Fields of a round that are plain texts or choices; the rest is written in its text. */
export const MORE: More[] = [
  { field: 'threshold', label: 'Counted from', kinds: ['turn'], example: '15 lbf·ft' },
  { field: 'counted', label: 'Angle counts', kinds: ['turn'], options: ['from_stage_start', 'from_threshold'] },
  { field: 'method', label: 'Measured', kinds: ['stretch'], options: ['absolute', 'comparator'] },
  { field: 'ceiling', label: 'Torque never above', kinds: ['stretch'], example: '90 N·m' },
  { field: 'one_zero_within', label: 'One zero for a pair alike within', kinds: ['stretch'], example: '0.002 in' },
  { field: 'how', label: 'How far', kinds: ['loosen'], options: ['fully', 'by_angle'] },
  { field: 'back', label: 'Back by', kinds: ['loosen'], example: '90°' },
  { field: 'at_least', label: 'Wait at least', kinds: ['settle'], example: '10 min' },
  { field: 'at_most', label: 'and at most', kinds: ['settle'], example: '24 h' },
  { field: 'prevailing', label: 'Prevailing torque', kinds: ['torque'], options: ['none', 'included', 'added'] },
  { field: 'motion', label: 'Motion', kinds: ['torque', 'turn', 'stretch'], options: ['one_motion', 'may_ratchet'] },
  { field: 'shortfall', label: 'After a shortfall', kinds: ['torque', 'turn', 'stretch'], options: ['back_off', 'continue'] },
  { field: 'redo', label: 'A redo takes along', kinds: WITH_ORDER, options: ['position', 'part', 'group', 'joint'] },
  { field: 'evidence', label: 'Least evidence', kinds: WITH_ORDER, options: ['measured', 'one_by_one', 'as_round'] },
];

/** A round as it begins: for every group, in the first order there is. */
export function freshStage(doc: Doc, kind: string, key: string): Stage {
  if (kind === 'block') return { key, traversal: 'part_by_part', why: '', stages: [] };
  const source = doc.sources[0]?.key;
  const targets = doc.groups.map((g) => ({ group: g.key, target: '', ...(source === undefined ? {} : { target_source: source }) }));
  const order = doc.sequences?.[0]?.key;
  return {
    key,
    kind,
    ...(['torque', 'turn', 'stretch'].includes(kind) ? { targets } : {}),
    ...(WITH_ORDER.includes(kind) && order !== undefined ? { sequence: order } : {}),
    ...(kind === 'stretch' ? { method: 'absolute' } : {}),
    ...(kind === 'check' && doc.checks?.[0] ? { check: doc.checks[0].key } : {}),
    why: '',
  };
}
