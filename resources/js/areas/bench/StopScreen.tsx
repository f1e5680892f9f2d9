import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from './BigKey';
import { One } from './Fields';
import { WrongPanel } from './WrongPanel';
import { useShownWhileLocked } from './lock/shown';
import { type Answering, useCall } from './useCall';
import { usePadKeys } from './usePadKeys';
import type { Bench } from './useRun';
import { whereOf } from './words';

const NUDGED = 'A click got by nudging a stopped bolt is false. The first try stays in the record.';
const QUIET_MS = 900;

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; stop: NonNullable<BenchView['call']['stop']> };

/**
 * Anything but a good result takes the whole screen: seen from the corner of an eye. Enter and the foot switch are dead
 * here, and it says so; the way on is a key of its own.
 */
export function StopScreen({ bench, sheet, view, stop }: Props) {
  const { call } = view;
  const answering = useCall(bench, view, call);
  const [wrong, setWrong] = useState(false);
  const position = stop.step.split(':')[1];
  const name = nameOf(sheet, position) ?? call.title;
  useShownWhileLocked(`Still open: ${sheet.serial}, ${sheet.joint.toLowerCase()}, ${name.toLowerCase()}: ${stop.word.toLowerCase()}. It is not done.`);
  const keys = bench.waits ? [] : call.answers.map((answer, i) => ({ cap: i === 0 ? '*' : String(i), answer }));
  usePadKeys({ ...Object.fromEntries(keys.map(({ cap, answer }) => [cap, () => answering.answer(answer)])), '/': () => setWrong(true) }, QUIET_MS);
  return (
    <main className="m-5 flex min-h-0 grow flex-col rounded-xl border-[14px] border-fault bg-fault-ground px-9 py-6">
      <div className="grid min-h-0 grow grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-9 portrait:grid-cols-1 portrait:grid-rows-[auto_minmax(0,1fr)]">
        <WhatAndNow sheet={sheet} view={view} stop={stop} name={name} answering={answering} />
        <div className="min-h-0">
          <JointMap
            sketch={sheet.sketch}
            marks={view.marks.map((m) => (m.position === position ? { ...m, fault: stop.word } : m))}
            detail="full"
            label={`The joint; ${name} ${stop.word.toLowerCase()}`}
          />
        </div>
      </div>
      <div className="mt-5 flex items-center gap-6 portrait:flex-wrap portrait:gap-4">
        {keys.map(({ cap, answer }, i) => (
          <BigKey key={cap} look={i === 0 ? 'fault' : 'plain'} cap={cap} onClick={() => answering.answer(answer)} className={i === 0 ? 'min-w-72' : ''}>
            {answer.says}
          </BigKey>
        ))}
        <Sending bench={bench} />
        <BigKey cap="/" onClick={() => setWrong(true)}>
          It was something else
        </BigKey>
        <p className="ml-auto max-w-56 text-lg text-soft">Enter and the foot switch do nothing here.</p>
      </div>
      {wrong && <WrongPanel bench={bench} view={view} onClose={() => setWrong(false)} />}
    </main>
  );
}

/** Nothing can be chosen before the server has it, where nothing decides here: until then it is said where it stands. */
function Sending({ bench }: { bench: Bench }) {
  if (!bench.waits) return null;
  return (
    <p role="status" className="text-xl">
      {bench.outboxState.trouble ?? 'Sending it …'}
    </p>
  );
}

function nameOf(sheet: RunSheet, position: string | undefined): string | null {
  const at = sheet.sketch.map.positions.find((p) => p.key === position);
  return at ? `Bolt ${at.number}` : null;
}

type WhatProps = Pick<Props, 'sheet' | 'view' | 'stop'> & { name: string; answering: Answering };

/** Which bolt, what is wrong with it, and what to do with the metal now. */
function WhatAndNow({ sheet, view, stop, name, answering }: WhatProps) {
  const { call } = view;
  const where = whereOf(sheet, stop.step.split(':')[1]);
  return (
    <div className="flex min-h-0 flex-col justify-center" role="alert">
      <h1 className="text-3xl font-semibold">
        {name}
        {where !== '' && `, ${where}`}
      </h1>
      <p className={`wide leading-none font-bold text-fault ${stop.word.length > 6 ? 'text-[6rem]' : 'text-[9.5rem]'}`}>{stop.word}</p>
      <p className="mt-4 text-2xl">
        {stop.reason !== '' && <b>{stop.reason} </b>}
        {stop.says}
      </p>
      <p className="mt-4 text-2xl font-semibold">{call.kind === 'lead' ? `${call.says[0] ?? ''} Call the lead.` : (stop.ways[0] ?? call.says[0])}</p>
      {stop.ways.length > 1 && <p className="mt-2 text-xl">{stop.ways.slice(1, 4).join(' ')}</p>}
      <p className="mt-2 text-xl">{stop.fault === 'short' ? NUDGED : 'The first try stays in the record.'}</p>
      {call.fields.map((field, i) => (
        <One key={field.name} field={field} at={i} several={false} answering={answering} />
      ))}
      {answering.note !== null && <p className="text-xl font-semibold text-fault">{answering.note}</p>}
    </div>
  );
}

/** What was kept and flagged, or set aside: read before anything goes on. */
export function NoticeScreen({ bench, onRead }: { bench: Bench; onRead: () => void }) {
  usePadKeys({ '*': onRead }, QUIET_MS);
  return (
    <main className="m-5 flex min-h-0 grow flex-col rounded-xl border-[14px] border-dashed border-fault bg-fault-ground px-9 py-6">
      <div className="flex grow flex-col justify-center" role="alert">
        <h1 className="wide text-[5.5rem] leading-none font-bold text-fault">{bench.notice?.title}</h1>
        <p className="mt-6 max-w-4xl text-3xl">{bench.notice?.sentence}</p>
        <p className="mt-4 text-xl">It stays in the record as it was, and the lead sees it.</p>
      </div>
      <div className="flex items-center gap-6">
        <BigKey look="fault" cap="*" onClick={onRead} className="min-w-72">
          I have read it
        </BigKey>
        <p className="ml-auto max-w-56 text-lg text-soft">Enter and the foot switch do nothing here.</p>
      </div>
    </main>
  );
}
