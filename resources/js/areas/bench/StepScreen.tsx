import { useState } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { useSession } from '@/api/session';
import { JointMap } from '@/ui/JointMap';
import { ActionBar } from './ActionBar';
import { Call } from './Call';
import { Keypad } from './Keypad';
import { RoundLine } from './RoundLine';
import { SimulatedWrench } from './SimulatedWrench';
import { SlipQuestion } from './SlipQuestion';
import { ToolChoice } from './ToolChoice';
import { WithdrawPanel } from './WithdrawPanel';
import { marksHere } from './marks';
import { nameOf, roundOf } from './names';
import { type Bench, takenTool } from './useRun';
import { type Entry, useEntry } from './useEntry';

type Props = { bench: Bench; sheet: RunSheet; step: RunStep };
type TakenBack = { name: string; step: string; reading: string };

/** The call: which bolt, which number, and the whole joint as it should look now. */
export function StepScreen({ bench, sheet, step }: Props) {
  const [pad, setPad] = useState(false);
  const [changing, setChanging] = useState(false);
  const [takingBack, setTakingBack] = useState<TakenBack | null>(null);
  const tool = takenTool(sheet, step);
  const entry = useEntry(bench, sheet, step, tool);
  const done = bench.view?.doneHere ?? [];
  const before = lastDone(sheet, done);
  if (changing || tool === null) return <ToolChoice bench={bench} sheet={sheet} step={step} onDone={() => setChanging(false)} />;
  const last = before && lastTyped(sheet, before);
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] portrait:grid-cols-1 portrait:grid-rows-[auto_minmax(0,1fr)]">
        <Call sheet={sheet} step={step} tool={tool} entry={entry} />
        <section className="flex min-h-0 border-l border-line landscape:small:flex-col-reverse portrait:border-t portrait:border-l-0" aria-label="The joint">
          {pad && <Keypad onKey={entry.press} onClose={() => setPad(false)} />}
          <Joint sheet={sheet} step={step} tool={tool} entry={entry} done={done} before={before} keys={pad} />
        </section>
      </main>
      <RoundLine sheet={sheet} done={done} current={step.stage} />
      <ActionBar
        bench={bench}
        sheet={sheet}
        entry={entry}
        onPad={() => setPad((open) => !open)}
        onChangeTool={() => setChanging(true)}
        takeBackName={last?.name.toLowerCase() ?? null}
        onTakeBack={last && bench.pending.length === 0 ? () => setTakingBack(last) : undefined}
      />
      {entry.slip && <SlipQuestion entry={entry} tool={tool} />}
      {takingBack && <WithdrawPanel bench={bench} {...takingBack} onClose={() => setTakingBack(null)} />}
    </>
  );
}

type JointProps = { sheet: RunSheet; step: RunStep; tool: ToolOffer; entry: Entry; done: string[]; before: RunStep | undefined; keys: boolean };

/** How far the round is, and the joint with its paint marks. A stand-in makes room for keys on the glass. */
function Joint({ sheet, step, tool, entry, done, before, keys }: JointProps) {
  const demo = useSession().data?.shop.demo ?? false;
  const round = roundOf(sheet, step);
  const doneInRound = round.filter((s) => s.status === 'done' || done.includes(s.id)).length;
  return (
    <div className="flex min-h-0 min-w-0 grow flex-col px-7 py-5">
      <div className="flex items-baseline justify-between text-xl">
        <p>
          <b>Round {sheet.stages.findIndex((s) => s.key === step.stage) + 1}</b>, {doneInRound} of {round.length} done
        </p>
        <p className="text-soft">{waitsFor(sheet, step)}</p>
      </div>
      <div className="min-h-0 grow py-2">
        <JointMap
          sketch={sheet.sketch}
          marks={marksHere(sheet, done)}
          now={step.position}
          from={before?.stage === step.stage ? before.position : null}
          detail="full"
          label={`The joint with its paint marks; now ${nameOf(sheet, step).bolt}`}
        />
      </div>
      <p className="pb-4 text-lg text-soft">{sheet.cautions[0]}</p>
      {demo && !keys && <SimulatedWrench sheet={sheet} step={step} tool={tool} onPull={entry.pulled} />}
    </div>
  );
}

/** What was typed for a step and still counts: it can be taken back. */
function lastTyped(sheet: RunSheet, step: RunStep): TakenBack | undefined {
  const attempt = step.attempts.find((a) => a.status === 'live' && a.typed);
  return attempt && { name: nameOf(sheet, step).bolt, step: step.id, reading: attempt.reading };
}

/** The step done last, in plan order: the one to take back, and where the hand comes from. */
function lastDone(sheet: RunSheet, doneHere: string[]): RunStep | undefined {
  return sheet.steps.filter((s) => s.status === 'done' || doneHere.includes(s.id)).at(-1);
}

function waitsFor(sheet: RunSheet, step: RunStep): string {
  const later = sheet.stages[sheet.stages.findIndex((s) => s.key === step.stage) + 1];
  return later ? 'then the turn' : 'the last round';
}
