import { useState } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { type Slip, suspectedSlip } from '@/lib/slips';
import { type Bench, useObserve } from './useRun';

const PLAIN = /^\d{1,5}(?:\.\d{1,4})?$/;

/** A reading is no longer than this; one character more, so that what is cut off is refused and never taken as another number. */
const LONGEST = 10;
const LONGEST_SCAN = 24;

/** The pad's own keys are commands, except inside a scan, whose code may hold them. */
function cleaned(text: string): string {
  return text.startsWith('@') ? text.slice(0, LONGEST_SCAN) : text.replace(/[-*/+]/g, '').slice(0, LONGEST + 1);
}

/** A scan carries its prefix, so it never enters as a reading: the tool it names, or the sentence why it names none. */
function toolScanned(sheet: RunSheet, step: RunStep, code: string): ToolOffer | string {
  const kind = step.quantity === 'torque' ? 'torque wrench' : 'angle gauge';
  return sheet.tools[step.quantity].offers.find((o) => `@T${o.code}` === code) ?? `${code.slice(2)} was scanned; it is no ${kind} of the crib.`;
}

function noReading(typed: string, tool: ToolOffer): string {
  if (typed === '') return `Type what ${tool.code} shows, in ${tool.unit.symbol}.`;
  return `“${typed}” is no reading. Type a number such as ${tool.settings[0]?.digits ?? '32'}.`;
}

function useTyping() {
  const [typed, setTyped] = useState('');
  const [note, setNote] = useState<string | null>(null);
  const type = (text: string) => {
    setNote(null);
    setTyped(cleaned(text));
  };
  const press = (key: string) => type(key === '⌫' ? typed.slice(0, -1) : typed + key);
  return { typed, setTyped, note, setNote, type, press };
}

/** What is being typed as a reading, and what becomes of it on Enter. */
export function useEntry(bench: Bench, sheet: RunSheet, step: RunStep, tool: ToolOffer | null) {
  const observe = useObserve(bench);
  const { typed, setTyped, note, setNote, type, press } = useTyping();
  const [slip, setSlip] = useState<Slip | null>(null);
  const line = sheet.walk_sheet.find((l) => l.step === step.id);
  const scanning = typed.startsWith('@');

  const record = async (value: string) => {
    if (!tool) return;
    setSlip(null);
    setTyped('');
    if (!(await observe.reading(step, value, typed, tool, 'typed'))) setTyped(value);
  };
  const takeScan = () => {
    setTyped('');
    const scanned = toolScanned(sheet, step, typed);
    if (typeof scanned === 'string') setNote(scanned);
    else if (scanned.reasons.length > 0) setNote(scanned.reasons.join(' '));
    else void observe.toolTaken(step.quantity, scanned.id);
  };
  const takeReading = () => {
    if (!tool || !line) return;
    const value = typed.replace(',', '.');
    const plain = PLAIN.test(value);
    const suspected = plain ? suspectedSlip(line, value, tool.unit.code) : null;
    if (!plain) setNote(noReading(typed, tool));
    else if (suspected) setSlip(suspected);
    else void record(value);
  };
  /** Answers the question about a slip: the value as typed, the likely one, or back to typing. */
  const settle = (value: string | null) => (value === null ? setSlip(null) : void record(value));
  const pulled = (value: string, by: ToolOffer) => void observe.reading(step, value, value, by, 'simulated_tool');

  return { typed, scanning, note, slip, type, press, take: scanning ? takeScan : takeReading, settle, pulled };
}
export type Entry = ReturnType<typeof useEntry>;
