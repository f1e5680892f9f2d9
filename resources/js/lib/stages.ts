import type { Doc, Stage } from './document';
import { STAGE_KINDS } from './stage-kinds';

export { STAGE_KINDS };

const valuesOf = (is: (kind: (typeof STAGE_KINDS)[number]) => boolean): string[] => STAGE_KINDS.filter(is).map((kind) => kind.value);

/** Without targets such a round says nothing. */
const MUST_HAVE_TARGETS = valuesOf((kind) => kind.targets === 'wanted');
export const WITH_TARGETS = valuesOf((kind) => kind.targets !== 'none');
/** Done at positions, one after the other. */
export const WITH_ORDER = valuesOf((kind) => kind.ordered);
export const WITH_GROUPS = valuesOf((kind) => kind.groups);
export const TIGHTENING = valuesOf((kind) => kind.tightens);
export const WITH_MOTION = valuesOf((kind) => kind.motion);

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
    ...STAGE_KINDS.find((k) => k.value === kind)?.first,
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
