import { compare, decimal } from './decimal';

/** What this needs of a call's field and answer; the API's own shapes hold it. */
export type AskedField = {
  name: string;
  kind: 'value' | 'count' | 'text';
  into: string;
  optional: boolean;
  scale?: AskedScale;
  what?: string;
  tool?: string;
};
export type AskedScale = { unit: { code: string; symbol: string }; digits?: string; least?: string; most?: string; doubts: AskedDoubt[] };
type AskedDoubt = { from?: string; to?: string; says: string; times?: string; over?: string; beyond?: boolean };
export type GivenAnswer = { event?: object; takes: string[] };
export type Typed = Record<string, string>;

const PLAIN = /^\d{1,5}(?:\.\d{1,4})?$/;
const COUNT = /^\d{1,4}$/;

/** As it counts: a comma is a decimal mark. */
export function cleaned(text: string): string {
  return text.trim().replace(',', '.');
}

/** Why what stands in a field is nothing that could be taken, as a sentence; null when it could. */
export function whyNot(field: AskedField, text: string, label: string): string | null {
  const value = cleaned(text);
  if (value === '') return field.optional ? null : `${label}: type it first.`;
  if (field.kind === 'value' && !PLAIN.test(value)) return `“${text}” is no reading. Type a number such as ${field.scale?.digits ?? '12.5'}.`;
  if (field.kind === 'count' && !COUNT.test(value)) return `“${text}” is no count. Type a whole number.`;
  return null;
}

/** The event that an answer becomes with what was typed for it. Nothing is filled in that nobody typed. */
export function eventOf(answer: GivenAnswer, fields: AskedField[], typed: Typed): Record<string, unknown> {
  const event: Record<string, unknown> = { ...answer.event };
  const watched: object[] = [];
  for (const field of fields) {
    const text = cleaned(typed[field.name] ?? '');
    if (!answer.takes.includes(field.name) || text === '') continue;
    const value = field.kind === 'value' ? `${text} ${field.scale?.unit.code ?? ''}` : field.kind === 'count' ? Number(text) : text;
    if (field.into === 'watched') watched.push({ what: field.what, value, ...(field.tool === undefined ? {} : { tool: field.tool }) });
    else event[field.into] = value;
    if (field.into === 'value') event.raw = typed[field.name];
  }
  return watched.length === 0 ? event : { ...event, watched };
}

/** What a typed value looks like, and what it would be without the slip. */
export type Slip = { says: string; likely: string | null };

/** Digits with at most two decimals, as a person would have written them. */
const plain = (value: number) => String(Math.round(value * 100) / 100);

function lies(value: string, doubt: AskedDoubt): boolean {
  const [at, from, to] = [decimal(value), decimal(doubt.from ?? ''), decimal(doubt.to ?? '')];
  if (!at) return false;
  const above = !from || (doubt.beyond ? compare(at, from) > 0 : compare(at, from) >= 0);
  const below = !to || (doubt.beyond ? compare(at, to) < 0 : compare(at, to) <= 0);
  return above && below;
}

/** The first of the core's doubts about a value; never one about a value that is good. */
export function slipOf(scale: AskedScale, text: string): Slip | null {
  const value = cleaned(text);
  const [at, least, most] = [decimal(value), decimal(scale.least ?? ''), decimal(scale.most ?? '')];
  if (!at) return null;
  if ((least ?? most) && (!least || compare(at, least) >= 0) && (!most || compare(at, most) <= 0)) return null;
  const doubt = scale.doubts.find((d) => lies(value, d));
  if (!doubt) return null;
  const likely = doubt.times !== undefined ? Number(value) * Number(doubt.times) : doubt.over !== undefined ? Number(value) / Number(doubt.over) : null;
  return { says: doubt.says, likely: likely === null ? null : plain(likely) };
}
