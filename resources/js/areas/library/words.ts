import type { Figures, ProcedureRow } from '@/api/types';

export const STATES: Record<ProcedureRow['state'], string> = {
  empty: 'nothing written',
  draft: 'draft',
  in_review: 'in review',
  returned: 'sent back',
  approved: 'approved',
  superseded: 'superseded',
  withdrawn: 'withdrawn',
};

/** What may stand in the list's filter. */
export const STATE_FILTERS = [
  { value: 'all', text: 'in every state' },
  { value: 'approved', text: 'approved' },
  { value: 'in_review', text: 'in review' },
  { value: 'draft', text: 'being written' },
  { value: 'superseded', text: 'superseded' },
  { value: 'withdrawn', text: 'withdrawn' },
  { value: 'missing', text: 'a value is missing' },
  { value: 'in_conflict', text: 'sources disagree' },
];

export const SOURCE_KINDS: Record<string, string> = {
  engine_maker: 'engine maker',
  hardware_maker: 'hardware maker',
  gasket_maker: 'gasket maker',
  shop_standard: 'shop standard',
  window_standard: 'shop window standard',
};

export const SOURCE_KIND_OPTIONS = Object.entries(SOURCE_KINDS).map(([value, text]) => ({ value, text }));

const TOOLS: Record<string, string> = {
  torque_wrench: 'a torque wrench',
  indicating_torque_wrench: 'for the partner a torque wrench that shows its torque',
  angle_gauge: 'an angle gauge',
};

/** "a torque wrench and an angle gauge" */
export function tools(figures: Figures): string {
  return [...new Set(figures.tools.map((t) => TOOLS[t.kind] ?? t.kind.replaceAll('_', ' ')))].join(' and ');
}
