import { useState } from 'react';
import type { RunSheet, RunStep } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from './BigKey';
import { WithdrawPanel } from './WithdrawPanel';
import { marksHere } from './marks';
import { nameOf } from './names';
import { useShownWhileLocked } from './lock/shown';
import type { StepObservation } from './outbox';
import { usePadKeys } from './usePadKeys';
import { type Bench, useObserve } from './useRun';

const WORDS: Record<string, string> = { low: 'Short', high: 'Over' };

/** What a nudged bolt has to do with it: only with one that stopped short. */
const NUDGED = 'A click got by nudging a stopped bolt is false. The first try stays in the record.';

/** What is put right by backing the one bolt off and doing it again; of anything else the core's own ways on are told. */
const SIMPLE = ['short', 'over', 'pulled_aside'];

type Props = { bench: Bench; sheet: RunSheet; stepId: string; waiting: StepObservation | undefined };

/**
 * Anything but a good result takes the whole screen: seen from the corner of an eye. Enter and the foot switch are dead
 * here; the way on is a key of its own.
 */
export function StopScreen({ bench, sheet, stepId, waiting }: Props) {
  const [withdrawing, setWithdrawing] = useState(false);
  const step = sheet.steps.find((s) => s.id === stepId);
  // What was pulled aside stands beside a result that was good: that one is not what is wrong.
  const attempt = sheet.stop?.fault === 'pulled_aside' ? undefined : step?.attempts.find((a) => a.status === 'live');
  const word = WORDS[attempt?.verdict ?? (waiting?.type === 'reading_taken' ? waiting.device_says?.verdict : null) ?? ''] ?? 'Stop';
  useShownWhileLocked(step ? lockSentence(sheet, step, word) : null);
  if (!step) return null;
  const { bolt } = nameOf(sheet, step);
  const marks = marksHere(sheet, bench.view?.doneHere ?? []).map((m) => (m.position === step.position ? { ...m, fault: word } : m));
  return (
    <main
      className="m-5 flex min-h-0 grow flex-col rounded-xl border-[14px] border-fault bg-fault-ground px-9 py-6"
      role="alertdialog"
      aria-label={`${bolt} ${word}`}
    >
      <div className="grid min-h-0 grow grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-9 portrait:grid-cols-1">
        <WhatAndNow
          sheet={sheet}
          step={step}
          word={word}
          reason={attempt?.reason ?? (waiting?.type === 'reading_taken' ? `${waiting.raw} lies outside ${step.window}.` : sheet.stop?.says)}
        />
        <div className="min-h-0">
          <JointMap sketch={sheet.sketch} marks={marks} detail="full" label={`The joint; ${bolt} ${word.toLowerCase()}`} />
        </div>
      </div>
      <WaysOn bench={bench} sheet={sheet} step={step} answered={waiting === undefined} onWithdraw={attempt?.typed ? () => setWithdrawing(true) : undefined} />
      {withdrawing && attempt && (
        <WithdrawPanel bench={bench} name={bolt} reading={attempt.reading} step={stepId} outOfWindow onClose={() => setWithdrawing(false)} />
      )}
    </main>
  );
}

function lockSentence(sheet: RunSheet, step: RunStep, word: string): string {
  const where = `${sheet.joint.toLowerCase()}, ${nameOf(sheet, step).bolt.toLowerCase()}`;
  return `Still open: ${sheet.serial}, ${where}: ${word.toLowerCase()}. It is not done.`;
}

/** Which bolt, what is wrong with it, and what to do with the metal now. */
function WhatAndNow({ sheet, step, word, reason }: { sheet: RunSheet; step: RunStep; word: string; reason: string | undefined }) {
  const { bolt, where } = nameOf(sheet, step);
  const fault = sheet.stop?.fault ?? word.toLowerCase();
  const redo =
    step.kind === 'turn'
      ? `then torque it again to ${step.threshold ?? 'its threshold'} and turn it, in one free motion`
      : 'then pull it again in one free motion';
  return (
    <div className="flex flex-col justify-center">
      <p className="text-3xl font-semibold">
        {bolt}, {where}
      </p>
      <p className="wide text-[9.5rem] leading-none font-bold text-fault">{word}</p>
      <p className="mt-4 text-2xl">{reason}</p>
      {SIMPLE.includes(fault) ? (
        <p className="mt-4 text-2xl font-semibold">
          {word === 'Stop' ? '' : 'Stop. '}Back {bolt.toLowerCase()} off, {redo}.
        </p>
      ) : (
        <p className="mt-4 text-2xl font-semibold">{waysInWords(sheet.stop, word)}</p>
      )}
      <p className="mt-2 text-xl">{fault === 'short' ? NUDGED : 'The first try stays in the record.'}</p>
    </div>
  );
}

/** The core's own ways on; what the screen shouts already is not said again, and a number stays with its "no.". */
function waysInWords(stop: RunSheet['stop'], word: string): string {
  const ways = stop?.ways.map((way) => way.sentence.replaceAll('no. ', 'no.\u00a0')) ?? [];
  return [...(word === 'Stop' ? [] : ['Stop.']), ...ways].join(' ');
}

type WaysOnProps = { bench: Bench; sheet: RunSheet; step: RunStep; answered: boolean; onWithdraw: (() => void) | undefined };

/** What can be said from here of what was done with the metal, in the order in which it is asked for; null where it is for the lead. */
function nextWord(observe: ReturnType<typeof useObserve>, stop: RunSheet['stop'], step: RunStep): { says: string; done: () => void } | null {
  const asked = new Set(stop?.ways.map((way) => way.do) ?? ['loosen']);
  const backedOff = () => void observe.backedOff(step.id);
  if (asked.has('loosen')) return { says: SIMPLE.includes(stop?.fault ?? 'short') ? 'It is backed off, redo it' : 'It is backed off', done: backedOff };
  return asked.has('replace') ? { says: 'A new one is in', done: () => void observe.replaced(step.position) } : null;
}

/** Nothing can be chosen before the server has the reading: until then it is said where it stands. */
function WaysOn({ bench, sheet, step, answered, onWithdraw }: WaysOnProps) {
  const observe = useObserve(bench);
  const word = nextWord(observe, sheet.stop, step);
  usePadKeys({ '*': answered ? word?.done : undefined, '-': answered ? onWithdraw : undefined }, 900);
  return (
    <div className="mt-5 flex items-center gap-10">
      {word && (
        <BigKey look="fault" cap="*" disabled={!answered} onClick={word.done} className="min-w-80">
          {word.says}
        </BigKey>
      )}
      {onWithdraw && (
        <BigKey cap="−" disabled={!answered} onClick={onWithdraw}>
          I typed it wrongly
        </BigKey>
      )}
      {!answered && (
        <p role="status" className="text-xl">
          {bench.outboxState.trouble ?? 'Sending it …'}
        </p>
      )}
    </div>
  );
}
