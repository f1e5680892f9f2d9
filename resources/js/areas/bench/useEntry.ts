import { useState } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { type Slip, suspectedSlip } from '@/lib/slips';
import { takeTool } from './queries';
import { type Bench, useObserve } from './useRun';

const PLAIN = /^\d{1,5}(?:\.\d{1,4})?$/;

/** What is being typed as a reading, and what becomes of it on Enter. */
export function useEntry(bench: Bench, sheet: RunSheet, step: RunStep, tool: ToolOffer | null) {
  const observe = useObserve(bench);
  const [typed, setTyped] = useState('');
  const [note, setNote] = useState<string | null>(null);
  const [slip, setSlip] = useState<Slip | null>(null);
  const line = sheet.walk_sheet.find((l) => l.step === step.id);

  const type = (text: string) => {
    setNote(null);
    // The pad's own keys are commands, except inside a scan, whose code may hold them.
    setTyped((text.startsWith('@') ? text : text.replace(/[-*/+]/g, '')).slice(0, 24));
  };
  const record = async (value: string) => {
    if (!tool) return;
    setSlip(null);
    setTyped('');
    try {
      await observe.reading(step.id, value, typed, tool, 'typed');
    } catch (error) {
      setTyped(value);
      setNote(sentenceOf(error));
    }
  };
  /** A scan carries its prefix, so it never enters as a reading: a tool is taken, anything else is named. */
  const scanned = (code: string) => {
    const scannedTool = sheet.tools[step.quantity].offers.find((o) => `@T${o.code}` === code);
    if (!scannedTool) setNote(`${code.slice(2)} was scanned; it is no ${step.quantity === 'torque' ? 'torque wrench' : 'angle gauge'} of the crib.`);
    else
      bench.command.mutate(takeTool(step.quantity, scannedTool.id), {
        onError: (error) => setNote(sentenceOf(error)),
      });
  };
  const take = () => {
    if (!tool || !line) return;
    if (typed.startsWith('@')) {
      setTyped('');
      scanned(typed);
      return;
    }
    const value = typed.replace(',', '.');
    if (!PLAIN.test(value)) {
      setNote(
        typed === ''
          ? `Type what ${tool.code} shows, in ${tool.unit.symbol}.`
          : `“${typed}” is no reading. Type a number such as ${tool.settings[0]?.digits ?? '32'}.`,
      );
      return;
    }
    const suspected = suspectedSlip(line, value, tool.unit.code);
    if (suspected) setSlip(suspected);
    else void record(value);
  };

  return {
    typed,
    scanning: typed.startsWith('@'),
    note,
    slip,
    type,
    take,
    press: (key: string) => type(key === '⌫' ? typed.slice(0, -1) : typed + key),
    /** Answers the question about a slip: the value as typed, the likely one, or back to typing. */
    settle: (value: string | null) => {
      if (value === null) setSlip(null);
      else void record(value);
    },
    pulled: (value: string, by: ToolOffer) =>
      void observe.reading(step.id, value, value, by, 'simulated_tool').catch((error: unknown) => setNote(sentenceOf(error))),
  };
}

export type Entry = ReturnType<typeof useEntry>;
