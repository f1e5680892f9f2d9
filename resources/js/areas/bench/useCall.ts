import { useRef, useState } from 'react';
import type { BenchView, Call, CallAnswer, CallField } from '@/api/types';
import { type Slip, type Typed, cleaned, eventOf, slipOf } from '@/lib/answer';
import { counted } from './outbox';
import { type Bench, useObserve } from './useRun';
import { useTyping } from './useTyping';

/** What is asked before something becomes an observation. */
export type Question =
  { kind: 'slip'; field: CallField; text: string; slip: Slip; answer: CallAnswer } | { kind: 'early'; answer: CallAnswer; seconds: string };

/** It was so; it was the likely value; or it was a slip, and is typed again. */
export type How = 'so' | 'likely' | 'again';

/** What is asked about an answer before it is taken; null where nothing is. */
function askedAbout(view: BenchView, call: Call, answer: CallAnswer, given: Typed): Question | null {
  for (const f of call.fields.filter((one) => answer.takes.includes(one.name) && one.kind === 'value')) {
    const slip = f.scale && slipOf(f.scale, given[f.name] ?? '');
    if (slip) return { kind: 'slip', field: f, text: cleaned(given[f.name] ?? ''), slip, answer };
  }
  const early = tooEarly(view, call);
  return early === null ? null : { kind: 'early', answer, seconds: early };
}

/** A scan carries its prefix, so it never enters as a reading: the event that takes the tool, or the sentence why it is none. */
function scanned(view: BenchView, text: string): Record<string, unknown> | string {
  const code = text.slice(2).toUpperCase();
  const fit = text.startsWith('@T') ? view.tools.flatMap((t) => t.answers).find((a) => a.says.toUpperCase() === code) : undefined;
  const named = view.tools.flatMap((t) => t.offers ?? []).find((o) => o.code.toUpperCase() === code);
  return fit?.event ? { ...fit.event } : (named?.reasons.join(' ') ?? `${code} was scanned; it is no tool for this.`);
}

function settledAs(question: Question, typed: Typed, how: How): { given: Typed; takes: boolean } {
  const likely = question.kind === 'slip' && how === 'likely' ? question.slip.likely : null;
  const given = question.kind === 'slip' && how !== 'so' ? { ...typed, [question.field.name]: likely ?? '' } : typed;
  return { given, takes: how === 'so' || likely !== null };
}

/** What a stand-in for a connected tool sends: its values stand where one would type them. */
function pulledOn(call: Call, pulled: Typed, tool: string | undefined): Record<string, unknown> | null {
  const [first] = call.answers;
  const event = first ? eventOf(first, call.fields, pulled) : null;
  return event?.type === 'reading_taken' ? { ...event, source: 'simulated_tool', ...(tool === undefined ? {} : { tool }) } : event;
}

/** Nothing is answered twice: while an answer to a call is on its way, a key that bounces says nothing. */
function useOnce(call: Call) {
  const busy = useRef<Call | null>(null);
  return async (work: () => Promise<void>): Promise<void> => {
    if (busy.current === call) return;
    busy.current = call;
    await work().finally(() => {
      if (busy.current === call) busy.current = null;
    });
  };
}

/** Takes the tool that was scanned, or says why it is none; the field is empty again. */
function takeScan(view: BenchView, typing: ReturnType<typeof useTyping>, observe: (event: Record<string, unknown>) => Promise<boolean>): void {
  if (typing.field) typing.setTyped({ ...typing.typed, [typing.field.name]: '' });
  const found = scanned(view, typing.text);
  if (typeof found === 'string') typing.setNote(found);
  else void observe(found);
}

/** Where something can be picked or typed, the number before a choice picks it. */
function meantBy(call: Call, chosen: CallAnswer, field: CallField | undefined, text: string): CallAnswer {
  const picked = chosen.key === 'Enter' && field?.kind === 'text' ? call.answers.find((a) => a.key === text) : undefined;
  return picked ?? chosen;
}

/** What is typed for a call, field by field, and what becomes of it when a key answers it. */
export function useCall(bench: Bench, view: BenchView, call: Call) {
  const observe = useObserve(bench);
  const typing = useTyping(call);
  const { typed, setTyped, field, text, wanting } = typing;
  const [question, setQuestion] = useState<Question | null>(null);
  const once = useOnce(call);
  const send = (answer: CallAnswer, given: Typed) =>
    once(async () => {
      typing.sent();
      if (!(await observe(eventOf(answer, call.fields, given)))) typing.giveBack(given);
    });
  const takeOrAsk = (chosen: CallAnswer) => {
    const asked = askedAbout(view, call, chosen, typed);
    setQuestion(asked);
    if (!asked) void send(chosen, typed);
  };
  const answer = (chosen: CallAnswer | undefined) => {
    if (!chosen || bench.waits) return;
    const meant = meantBy(call, chosen, field, text);
    if (text.startsWith('@')) takeScan(view, typing, observe);
    else if (meant !== chosen || !wanting(chosen)) takeOrAsk(meant);
  };
  const settle = (how: How) => {
    if (!question) return;
    const settled = settledAs(question, typed, how);
    setTyped(settled.given);
    setQuestion(null);
    if (settled.takes) void send(question.answer, settled.given);
  };
  const pulled = (values: Typed, tool?: string) => {
    const event = pulledOn(call, { ...typed, ...values }, tool);
    if (event) void observe(event);
  };
  return { ...typing, question, settle, answer, observe, pulled };
}
export type Answering = ReturnType<typeof useCall>;

/** How long after the press before, where that was sooner than two of them can be; null where it was not. */
function tooEarly(view: BenchView, call: Call): string | null {
  const { last } = view;
  if (call.least_ms === undefined || !last || last.mono_ms === null || last.stage !== call.step?.split(':')[0]) return null;
  const now = counted();
  const passed = now.mono_ms - last.mono_ms;
  return last.clock === now.clock && passed < call.least_ms ? (passed / 1000).toFixed(1) : null;
}
