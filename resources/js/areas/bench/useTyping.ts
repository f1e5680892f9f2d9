import { useState } from 'react';
import type { Call, CallAnswer, CallField } from '@/api/types';
import { type Typed, cleaned, whyNot } from '@/lib/answer';

/** A reading is no longer than this; one character more, so that what is cut off is refused and never taken as another number. */
const LONGEST = 10;
const LONGEST_TEXT = 40;

/** What is typed, and for which call; what comes while an answer is on its way is for the one after it. */
type Entry = { of: string; after: string | null; typed: Typed; active: number; note: string | null };

const emptyFor = (of: string): Entry => ({ of, after: null, typed: {}, active: 0, note: null });

const nameOf = (call: Call) => `${call.kind} ${call.step ?? ''} ${call.title} ${call.fields.map((f) => f.name).join(' ')}`;

/** An entry as it stands for a call: its own, what came early for it, or none yet. */
function standing(entry: Entry, of: string): Entry {
  if (entry.after !== null && entry.after !== of) return { ...entry, of, after: null };
  return entry.of === of ? entry : emptyFor(of);
}

/** What the pad types into a field: its own keys are commands, except inside a scan, whose code may hold them. */
function kept(text: string, field: CallField): string {
  if (text.startsWith('@')) return text.slice(0, LONGEST_TEXT);
  if (field.into === 'lot') return text.replace(/\s/g, '').slice(0, LONGEST_TEXT);
  return field.kind === 'text' ? text.slice(0, LONGEST_TEXT) : text.replace(/[^0-9.,]/g, '').slice(0, LONGEST + 1);
}

/** The field that an answer still wants something of, why, and how it goes on; Enter after the first of two values only goes on. */
function wants(call: Call, answer: CallAnswer, now: Entry): Partial<Entry> | null {
  const at = call.fields.findIndex((f) => answer.takes.includes(f.name) && whyNot(f, now.typed[f.name] ?? '', f.label) !== null);
  const open = call.fields[at];
  if (!open) return null;
  const given = now.typed[open.name] ?? '';
  return { active: at, ...(at <= now.active || cleaned(given) !== '' ? { note: whyNot(open, given, open.label) } : {}) };
}

/**
 * What stands in the fields belongs to one call; the next begins with none of it, from the moment it stands on the screen: a
 * wrench that types at once loses no digit to the change.
 */
export function useTyping(call: Call) {
  const of = nameOf(call);
  const [held, setEntry] = useState<Entry>(() => emptyFor(of));
  const entry = standing(held, of);
  // Bound to its call, so that it stands in no other.
  if (held.after !== null && held.after !== of) setEntry(entry);
  const put = (change: (now: Entry) => Partial<Entry>) => setEntry((e) => ({ ...standing(e, of), ...change(standing(e, of)) }));
  const field = call.fields[entry.active];
  return {
    ...entry,
    field,
    text: field ? (entry.typed[field.name] ?? '') : '',
    type: (next: string, into = entry.active) => {
      const one = call.fields[into];
      if (one) put((now) => ({ typed: { ...now.typed, [one.name]: kept(next, one) }, note: null }));
    },
    /** Goes to the first field that still wants something, and says what. */
    wanting: (answer: CallAnswer): boolean => {
      const wanted = wants(call, answer, entry);
      if (wanted) put(() => wanted);
      return wanted !== null;
    },
    setTyped: (typed: Typed) => put(() => ({ typed })),
    setActive: (active: number) => put(() => ({ active })),
    setNote: (note: string) => put(() => ({ note })),
    /** An answer is on its way: the fields are empty, for the call that comes after this one. */
    sent: () => setEntry({ ...emptyFor(of), after: of }),
    /** What could not be kept stands in its field again, once its call is back. */
    giveBack: (typed: Typed) => setEntry({ ...emptyFor(of), typed }),
  };
}
