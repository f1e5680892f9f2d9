import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { useMe } from '@/api/session';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from './MorePanel';
import { BigNumber } from './CallHead';
import { One } from './Fields';
import { type BarKey, KeyBar } from './KeyBar';
import { Keypad } from './Keypad';
import { QuestionPanel } from './QuestionPanel';
import { RoundLine } from './RoundLine';
import { type Answering, useCall } from './useCall';
import type { Bench } from './useRun';
import { isSentence, roundOf, whereOf } from './words';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; call: BenchView['call']; onTool: () => void };

/** Two people, two tools, one record: a half of the screen for each by name, and one press takes both. */
export function HoldScreen({ bench, sheet, view, call, onTool }: Props) {
  const me = useMe();
  const answering = useCall(bench, view, call);
  const [pad, setPad] = useState(false);
  const [more, setMore] = useState(false);
  const onPad = () => setPad((open) => !open);
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_minmax(0,1fr)] portrait:grid-cols-2 portrait:grid-rows-[auto_minmax(0,1fr)]">
        <Half
          label="What you do now"
          who={me.name}
          title={`Tighten ${call.title.toLowerCase()}`}
          where={whereOf(sheet, call.position)}
          scale={view.card === null ? call.scale : undefined}
          says={call.says}
          at={0}
          call={call}
          answering={answering}
        />
        <Between sheet={sheet} view={view} call={call} answering={answering} pad={pad} />
        <Partner sheet={sheet} call={call} answering={answering} />
      </main>
      <RoundLine sheet={sheet} view={view} />
      <KeyBar bench={bench} view={view} keys={keysOf(bench, call, answering, onPad, () => setMore(true))} />
      {answering.question && <QuestionPanel question={answering.question} view={view} call={call} onSettle={answering.settle} />}
      {more && <MorePanel bench={bench} sheet={sheet} view={view} pad={pad} onPad={onPad} onTool={onTool} onClose={() => setMore(false)} />}
    </>
  );
}

/** With both values typed, the key says what it will take. */
function takes(call: BenchView['call'], answering: Answering): string {
  const both = call.fields.map((f) => answering.typed[f.name] ?? '').filter((t) => t !== '');
  return both.length < call.fields.length || both.length === 0 ? (call.answers[0]?.says ?? '') : `Take both, ${both.join(' and ')}`;
}

function keysOf(bench: Bench, call: BenchView['call'], answering: Answering, onPad: () => void, onMore: () => void): BarKey[] {
  const says = takes(call, answering);
  return [
    {
      cap: 'Enter',
      says,
      look: 'main',
      do: () => answering.answer(call.answers[0]),
      waits: bench.waits ? (bench.outboxState.trouble ?? 'Sending it …') : null,
    },
    { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
    { cap: '*', says: 'Keys', do: onPad },
    { cap: '+', says: 'More', do: onMore },
  ];
}

type BetweenProps = { sheet: RunSheet; view: BenchView; call: BenchView['call']; answering: Answering; pad: boolean };

/** The joint between the two of them. */
function Between({ sheet, view, call, answering, pad }: BetweenProps) {
  const round = roundOf(sheet, view);
  return (
    <section
      className="flex min-h-0 flex-col border-x border-line px-5 py-5 portrait:col-span-2 portrait:row-start-2 portrait:border-x-0 portrait:border-t"
      aria-label="The joint"
    >
      {round && (
        <p className="text-xl">
          <b>Round {round.number}</b>, {round.done} of {round.all} done
        </p>
      )}
      {pad && <Keypad onKey={(key) => answering.type(key === '⌫' ? answering.text.slice(0, -1) : answering.text + key)} />}
      <div className="min-h-0 grow py-2">
        <JointMap
          sketch={sheet.sketch}
          marks={view.marks}
          now={call.position ?? null}
          detail="full"
          label={`The joint with its paint marks; now ${call.title}`}
        />
      </div>
      <p className="text-xl">
        <b>Hold first, then pull.</b> Both let go together.
      </p>
    </section>
  );
}

function Partner({ sheet, call, answering }: Pick<BetweenProps, 'sheet' | 'call' | 'answering'>) {
  return (
    <Half
      label="What your partner does now"
      who={sheet.holder.partner_name ?? 'Your partner'}
      title={`Hold the ${call.held?.what ?? 'part'}`}
      where={`${call.held?.direction ?? ''}, do not let it turn`}
      scale={call.held?.scale}
      says={call.held?.tool === undefined ? [] : [call.held.tool]}
      at={1}
      call={call}
      answering={answering}
    />
  );
}

type HalfProps = {
  label: string;
  who: string;
  title: string;
  where: string;
  scale: BenchView['call']['scale'];
  says: string[];
  at: number;
  call: BenchView['call'];
  answering: Answering;
};

function Half({ label, who, title, where, scale, says, at, call, answering }: HalfProps) {
  const field = call.fields[at];
  return (
    <section className="flex min-h-0 flex-col px-7 pt-5 pb-3 portrait:px-5" aria-label={label}>
      <p className="text-2xl font-semibold">{who}</p>
      <h1 className="text-[38px] leading-[1.05]">{title}</h1>
      <p className="text-xl">{where}</p>
      <div className="flex min-h-0 grow items-center">{scale?.digits !== undefined && <BigNumber digits={scale.digits} unit={scale.unit.symbol} less />}</div>
      {says.map((text) => (
        <p key={text} className={isSentence(text) ? 'text-lg' : 'text-lg text-soft'}>
          {text}
        </p>
      ))}
      <div className="mt-3">{field && <One field={field} at={at} several={false} answering={answering} />}</div>
      {at === 0 && (
        <p role="alert" className="min-h-7 text-lg text-fault">
          {answering.note}
        </p>
      )}
    </section>
  );
}
