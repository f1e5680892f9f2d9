/** What may stand on a contact surface, and which surfaces there are, in the document's own words. */
export const CONDITIONS = ['dry', 'engine oil', 'molybdenum grease', 'assembly lubricant', 'locker', 'anti-seize', 'sealant', 'wax'].map(same);

export const SURFACES = ['threads', 'under head', 'under nut', 'washer', 'threads and under head'].map(same);

export const RISK_CLASSES = ['A', 'B', 'C'].map(same);

export const QUANTITIES = ['torque', 'angle', 'length'].map(same);

/** The papers on record, to be chosen from by number and title. */
export function sourceOptions(sources: { code: string; title: string }[]): { value: string; text: string }[] {
  return sources.map((s) => ({ value: s.code, text: `${s.code}, ${s.title}` }));
}

function same(value: string): { value: string; text: string } {
  return { value, text: value };
}
