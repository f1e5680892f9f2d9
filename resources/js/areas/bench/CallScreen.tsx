import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { useSession } from '@/api/session';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from './MorePanel';
import { CallHead } from './CallHead';
import { Fields } from './Fields';
import { type BarKey, KeyBar } from './KeyBar';
import { Keypad } from './Keypad';
import { QuestionPanel } from './QuestionPanel';
import { RoundLine } from './RoundLine';
import { SimulatedTool } from './SimulatedTool';
import { CallPicture } from './pictures/CallPicture';
import { type Answering, useCall } from './useCall';
import { type Bench } from './useRun';
import { useTicking } from './useTicking';
import { clockOf, roundOf } from './words';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; call: BenchView['call']; onOther?: () => void; onBack?: () => void; onTool: () => void };

/** The call: which bolt, which number, and the whole joint as it should look now. */
export function CallScreen({ bench, sheet, view, call, onOther, onBack, onTool }: Props) {
  const answering = useCall(bench, view, call);
  const [pad, setPad] = useState(false);
  const [more, setMore] = useState(false);
  const onPad = () => setPad((open) => !open);
  const keys = useKeys({ bench, call, answering, onOther, onBack, onPad, onMore: () => setMore(true) });
  const digits = Object.fromEntries(call.answers.filter((a) => /^\d$/.test(a.key) && call.fields.length === 0).map((a) => [a.key, () => answering.answer(a)]));
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] portrait:grid-cols-1 portrait:grid-rows-[auto_minmax(0,1fr)]">
        <section className="flex min-h-0 flex-col px-7 pt-5 pb-1" aria-label="What to do now">
          <CallHead sheet={sheet} view={view} call={call} />
          {call.fields.length > 0 && <Fields fields={call.fields} answering={answering} />}
          <Choices call={call} answering={answering} />
        </section>
        <section className="flex min-h-0 border-l border-line landscape:small:flex-col-reverse portrait:border-t portrait:border-l-0" aria-label="The joint">
          {pad && <Keypad onKey={(key) => answering.type(key === '⌫' ? answering.text.slice(0, -1) : answering.text + key)} />}
          <Joint sheet={sheet} view={view} call={call} answering={answering} keys={pad} />
        </section>
      </main>
      <RoundLine sheet={sheet} view={view} />
      <KeyBar bench={bench} view={view} keys={keys} pad={digits} />
      {answering.question && <QuestionPanel question={answering.question} view={view} call={call} onSettle={answering.settle} />}
      {more && <MorePanel bench={bench} sheet={sheet} view={view} pad={pad} onPad={onPad} onTool={onTool} onClose={() => setMore(false)} />}
    </>
  );
}

type KeysOf = {
  bench: Bench;
  call: BenchView['call'];
  answering: Answering;
  onOther?: (() => void) | undefined;
  onBack?: (() => void) | undefined;
  onPad: () => void;
  onMore: () => void;
};

/** The same four keys in the same place: Enter does it, / something is wrong, * the other way here, + more. */
function useKeys({ bench, call, answering, onOther, onBack, onPad, onMore }: KeysOf): BarKey[] {
  const main = call.answers.find((a) => a.key === 'Enter');
  const other = call.answers.find((a) => a.key === '*');
  const left = useTicking(call);
  const text = answering.text;
  const says = main === undefined ? '' : text === '' || text.startsWith('@') ? main.says : `${main.says} ${text}`;
  const waits = bench.waits
    ? (bench.outboxState.trouble ?? 'Sending it …')
    : main === undefined
      ? 'Choose one by its number'
      : left > 0
        ? `Wait ${clockOf(left)}`
        : emptyWord(call, answering);
  return [
    { cap: 'Enter', says, look: 'main', do: () => answering.answer(main), waits },
    { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
    ...(onBack ? [{ cap: '*', says: call.kind === 'count' ? 'Back to one by one' : 'It is the same one', do: onBack }] : []),
    ...(other ? [{ cap: '*', says: other.says, do: () => answering.answer(other) }] : []),
    ...(!other && !onBack && onOther ? [{ cap: '*', says: call.another ? 'Another one' : 'Pull all, count after', do: onOther }] : []),
    ...(!other && !onBack && !onOther && call.fields.length > 0 ? [{ cap: '*', says: 'Keys', do: onPad }] : []),
    { cap: '+', says: 'More', do: onMore },
  ];
}

/** Nothing is filled in: the key that sets a wrench is dead until its scale was typed. Elsewhere Enter says itself what is missing. */
function emptyWord(call: BenchView['call'], answering: Answering): string | null {
  return call.kind === 'set' && answering.text === '' ? 'Type the scale first' : null;
}

/** Where several answers are to be chosen from by their number, each is a glove's target too. */
function Choices({ call, answering }: { call: BenchView['call']; answering: Answering }) {
  const numbered = call.answers.filter((a) => /^\d$/.test(a.key));
  if (numbered.length === 0) return null;
  return (
    <div className={`grid gap-4 pt-2 pb-4 ${call.kind === 'stamp' ? 'grid-cols-2' : ''}`}>
      {numbered.map((a) => (
        <button
          key={a.key}
          type="button"
          onClick={() => answering.answer(a)}
          className={`flex min-h-24 items-center gap-4 rounded border-2 bg-sheet px-5 text-left text-xl font-semibold ${answering.text === a.key ? 'border-now' : 'border-line'}`}
        >
          <kbd className="rounded border border-line px-2.5 py-1 font-sans text-lg">{a.key}</kbd>
          {a.says}
        </button>
      ))}
    </div>
  );
}

const UNPAINTED: BenchView['marks'] = [];

type JointProps = { sheet: RunSheet; view: BenchView; call: BenchView['call']; answering: Answering; keys: boolean };

/** How far the round is, the joint with its paint, and the picture that belongs to the call. A stand-in makes room for keys on the glass. */
function Joint({ sheet, view, call, answering, keys }: JointProps) {
  const demo = useSession().data?.shop.demo ?? false;
  // What stands on a card is neither pulled nor painted now.
  const live = view.card === null;
  const round = roundOf(sheet, view);
  const from = view.last?.stage === call.step?.split(':')[0] ? (view.last?.position ?? null) : null;
  return (
    <div className="flex min-h-0 min-w-0 grow flex-col px-7 py-5 landscape:small:py-2">
      {round && (
        <div className="flex items-baseline justify-between gap-5 text-xl">
          <p className="whitespace-nowrap">
            <b>Round {round.number}</b>, {round.done} of {round.all} done
          </p>
          <p className="truncate text-soft">{round.then}</p>
        </div>
      )}
      <div className="flex min-h-0 grow flex-col portrait:flex-row portrait:items-stretch portrait:gap-5">
        <div className="min-h-0 min-w-0 grow basis-1/2 py-2">
          <JointMap
            sketch={sheet.sketch}
            marks={call.kind === 'count' ? UNPAINTED : view.marks}
            bare={call.kind === 'count'}
            now={call.position ?? null}
            from={from}
            pairs={call.pairs}
            detail="full"
            label={call.kind === 'count' ? 'The joint without its heads' : `The joint with its paint marks; now ${call.title}`}
          />
        </div>
        {!keys && live && (
          <div className="flex min-h-0 min-w-0 flex-col justify-center empty:hidden portrait:w-[34%] portrait:shrink-0">
            <CallPicture sheet={sheet} view={view} call={call} text={answering.text} />
          </div>
        )}
      </div>
      <p className={`text-soft ${keys ? 'pb-2 text-base leading-tight' : 'pt-2 pb-3 text-lg'}`}>{sheet.cautions[0]}</p>
      {demo && !keys && live && <SimulatedTool call={call} view={view} onPull={answering.pulled} />}
    </div>
  );
}
