import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from './MorePanel';
import { One } from './Fields';
import { StopFrame } from './StopFrame';
import { type StopKey, StopKeys, useStopKeys } from './StopKeys';
import { Unsent } from './Unsent';
import { useShownWhileLocked } from './lock/shown';
import { type Answering, useCall } from './useCall';
import type { Bench } from './useRun';
import { whereOf } from './words';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; stop: NonNullable<BenchView['call']['stop']> };

/**
 * Anything but a good result takes the whole screen: seen from the corner of an eye. Enter and the foot switch are dead
 * here, and it says so; the way on is a key of its own.
 */
export function StopScreen({ bench, sheet, view, stop }: Props) {
  const answering = useCall(bench, view, view.call);
  const [more, setMore] = useState(false);
  // The one to do something to now; at first that is where it went wrong.
  const position = view.call.position ?? stop.step.split(':')[1];
  const name = nameOf(sheet, position) ?? view.call.title;
  useShownWhileLocked(`Still open: ${sheet.serial}, ${sheet.joint.toLowerCase()}, ${name.toLowerCase()}: ${stop.word.toLowerCase()}. It is not done.`);
  const keys = keysOf(bench, view, stop, answering, () => setMore(true));
  useStopKeys(keys);
  const marks = view.marks.map((m) => (m.position === position || stop.reaches.includes(m.position) ? { ...m, fault: stop.word } : m));
  return (
    <>
      <StopFrame
        shape={stop.shape}
        what={<WhatAndNow sheet={sheet} view={view} stop={stop} name={name} answering={answering} />}
        joint={
          <div className="min-h-0 pb-2">
            <JointMap sketch={sheet.sketch} marks={marks} detail="full" label={`The joint; ${name} ${stop.word.toLowerCase()}`} />
          </div>
        }
        keys={<Keys keys={keys} bench={bench} view={view} />}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}

/** The first is what puts it right, and looks like it; nothing here is confirmed by Enter. */
function Keys({ keys, bench, view }: { keys: StopKey[]; bench: Bench; view: BenchView }) {
  return (
    <>
      <StopKeys keys={keys} />
      <Sending bench={bench} />
      <p className="max-w-48 text-base text-soft">Enter and the foot switch do nothing here.</p>
      <Unsent bench={bench} view={view} />
    </>
  );
}

/** What puts it right comes first; the lead has a key wherever their word is wanted. */
function keysOf(bench: Bench, view: BenchView, stop: Props['stop'], answering: Answering, onMore: () => void): StopKey[] {
  const byLead = view.call.kind === 'lead';
  const { waits } = bench;
  const answers = waits
    ? []
    : view.call.answers.map((answer, i) => ({
        cap: i === 0 ? '*' : String(i),
        says: answer.says,
        work: () => (byLead ? bench.setOver('lead') : answering.answer(answer)),
      }));
  return [
    ...answers,
    ...(stop.lead && !byLead && !waits ? [{ cap: '9', says: 'The lead is here', work: () => bench.setOver('lead') }] : []),
    { cap: '/', says: 'It was something else', work: () => bench.setOver('wrong') },
    { cap: '+', says: 'More', work: onMore },
  ];
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
  const where = whereOf(sheet, call.position ?? stop.step.split(':')[1]);
  // What its key says is what is done first; the rest comes after it.
  const now = call.says[0] ?? stop.ways[0] ?? '';
  const also = stop.ways.filter((way) => way !== now).slice(0, 2);
  return (
    <div className="flex min-h-0 flex-col justify-center" role="alert">
      <h1 className="text-[28px] leading-tight font-semibold">
        {name}
        {where !== '' && `, ${where}`}
      </h1>
      <p className={`wide leading-none font-bold text-fault ${stop.word.length > 6 ? 'text-[min(6rem,11vh)]' : 'text-[min(9.5rem,18vh)]'}`}>{stop.word}</p>
      {stop.reason.toLowerCase() !== `${stop.word.toLowerCase()}.` && <p className="mt-3 text-2xl">{stop.reason}</p>}
      <p className="mt-3 text-[26px] leading-tight font-semibold">
        {now}
        {call.kind === 'lead' && ' Call the lead.'}
      </p>
      {also.length > 0 && <p className="mt-2 text-xl leading-snug">{also.join(' ')}</p>}
      <p className="mt-3 text-xl leading-snug">{stop.because}</p>
      <p className="mt-1 text-xl leading-snug">
        Costs: {stop.price.says.charAt(0).toLowerCase()}
        {stop.price.says.slice(1)} <span className="text-soft">The first try stays in the record.</span>
      </p>
      <p className="mt-1 text-lg leading-snug text-soft">{stop.says}</p>
      {call.fields.map((field, i) => (
        <div key={field.name} className="mt-2 max-w-[34rem]">
          <p className="text-xl font-semibold" aria-hidden="true">
            {field.label}
          </p>
          <One field={field} at={i} several={false} answering={answering} />
        </div>
      ))}
      {answering.note !== null && <p className="text-xl font-semibold text-fault">{answering.note}</p>}
    </div>
  );
}
