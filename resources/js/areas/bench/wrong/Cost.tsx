import { type ReactNode, useState } from 'react';
import type { BenchView, Decision, RunSheet, Weighed } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from '../BigKey';
import { SheetOf } from '../FullSheet';
import { Unsent } from '../Unsent';
import { usePanelKeys } from '../usePadKeys';
import type { Bench } from '../useRun';
import { whereOf } from '../words';
import { PriceRow } from './PriceRow';
import { Question } from './Question';
import { type Said, useWeighed } from './useWrong';

type Props = {
  bench: Bench;
  sheet: RunSheet;
  view: BenchView;
  said: Said;
  onSay: (said: Said) => void;
  onBack: () => void;
  onRecord: (...events: Record<string, unknown>[]) => void;
};

/** What it costs, before it is said: the rule, the metal it reaches, new parts drawn and counted, and who decides. */
export function Cost(props: Props) {
  return (
    <SheetOf query={useWeighed(props.bench, props.said)} bench={props.bench} onBack={props.onBack}>
      {(weighed) => <Asked {...props} weighed={weighed} />}
    </SheetOf>
  );
}

function Asked(props: Props & { weighed: Weighed }) {
  const { weighed, said, onSay, onBack, sheet, view } = props;
  const [elsewhere, setElsewhere] = useState(false);
  if (weighed.asks || elsewhere)
    return (
      <Question
        weighed={weighed}
        asks={elsewhere ? { title: 'Which one?', of: 'bolt', choices: [] } : weighed.asks}
        sheet={sheet}
        view={view}
        onAnswer={(answer) => onSay({ ...said, ...answer })}
        onBack={elsewhere ? () => setElsewhere(false) : onBack}
      />
    );
  if (weighed.event === undefined) return <Nothing weighed={weighed} onBack={onBack} />;
  return <Weighing {...props} weighed={weighed} event={weighed.event} onElsewhere={() => setElsewhere(true)} />;
}

function Nothing({ weighed, onBack }: { weighed: Weighed; onBack: () => void }) {
  usePanelKeys({ Enter: onBack });
  return (
    <main className="grow px-7 py-6">
      <Heading weighed={weighed} />
      <p className="mt-5 max-w-3xl text-2xl">{weighed.nothing}</p>
      <BigKey look="main" cap="Enter" className="mt-8" onClick={onBack}>
        Back to the question
      </BigKey>
    </main>
  );
}

function Heading({ weighed, where = '' }: { weighed: Weighed; where?: string }) {
  return (
    <>
      <h1 className="text-[48px] leading-none">{weighed.title}</h1>
      {weighed.bolt !== null && (
        <p className="mt-2 text-2xl">
          {weighed.bolt}
          {where !== '' && `, ${where}`}
        </p>
      )}
    </>
  );
}

type WeighingProps = Props & { weighed: Weighed; event: Record<string, unknown>; onElsewhere: () => void };

/** Nothing is done by looking: Enter is dead until one of the ways is picked. */
function Weighing({ bench, sheet, view, weighed, event, said, onBack, onRecord, onElsewhere }: WeighingProps) {
  const [picked, setPicked] = useState<1 | 2 | null>(null);
  const later = weighed.later ?? null;
  const record = picked === null ? undefined : () => onRecord(event, ...(picked === 2 && later ? [later] : []));
  // Of a fault that names its bolt by a question, another bolt is another answer to it.
  const other = weighed.position !== null && said.position === undefined ? onElsewhere : undefined;
  usePanelKeys({ '1': () => setPicked(1), '2': later ? () => setPicked(2) : undefined, Enter: record, '/': onBack, '*': other });
  return (
    <>
      <main className="min-h-0 grow overflow-auto px-7 pt-5 pb-3">
        <What weighed={weighed} sheet={sheet} view={view} />
        <Ways weighed={weighed} picked={picked} later={later !== null} onPick={setPicked} />
      </main>
      <footer className="flex shrink-0 items-center gap-4 border-t border-hair px-7 py-3 portrait:flex-wrap portrait:px-5">
        <BigKey look="fault" cap="Enter" waits={record ? null : later ? 'Pick 1 or 2 first' : 'Pick 1 first'} onClick={record}>
          Yes, it is so
        </BigKey>
        <BigKey cap="/" onClick={onBack}>
          Back to the question
        </BigKey>
        {other && (
          <BigKey cap="*" onClick={other}>
            It was another bolt
          </BigKey>
        )}
        <Unsent bench={bench} view={view} says="nothing is recorded yet" />
      </footer>
    </>
  );
}

/** What went wrong, what must not happen now, the rule for it, and the metal that it reaches. */
function What({ weighed, sheet, view }: { weighed: Weighed; sheet: RunSheet; view: BenchView }) {
  const reaches = weighed.reaches ?? [];
  return (
    <div className="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-8 portrait:grid-cols-1">
      <div>
        <Heading weighed={weighed} where={whereOf(sheet, weighed.position ?? undefined)} />
        <p className="mt-3 text-2xl font-semibold">{weighed.caution}</p>
        {weighed.says?.map((sentence) => (
          <p key={sentence} className="mt-2 text-xl leading-snug">
            {sentence}
          </p>
        ))}
      </div>
      <div className="h-56 portrait:h-64">
        <JointMap
          sketch={sheet.sketch}
          marks={view.marks.map((m) => (reaches.includes(m.position) ? { ...m, fault: weighed.title } : m))}
          now={weighed.position}
          detail="full"
          label={`What it reaches: ${String(reaches.length)} of ${String(view.marks.length)}`}
        />
      </div>
    </div>
  );
}

type WaysProps = { weighed: Weighed; picked: 1 | 2 | null; later: boolean; onPick: (which: 1 | 2) => void };

function Ways({ weighed, picked, later, onPick }: WaysProps) {
  const lead = weighed.lead === true;
  return (
    <div className="mt-5">
      <Row head />
      <Row>
        <Way
          n={1}
          picked={picked === 1}
          onPick={onPick}
          says={lead ? 'Say it, and stop here' : 'Say it, and put it right'}
          note={lead ? 'the joint stands as it is until then' : 'as the rule says'}
        />
        {lead ? <ForTheLead decisions={weighed.decisions ?? []} /> : weighed.price && <PriceRow price={weighed.price} />}
        <Who lead={lead} />
      </Row>
      {later && (
        <Row>
          <Way n={2} picked={picked === 2} onPick={onPick} says="Say it, and put it off" note="the rest goes on where it may" />
          <p className="text-xl">No metal yet. The job cannot be finished until it is put right.</p>
          <Who lead={false} />
        </Row>
      )}
    </div>
  );
}

const GRID = 'grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)_9rem] items-center gap-6 portrait:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_6rem] portrait:gap-4';

function Row({ head = false, children }: { head?: boolean; children?: ReactNode }) {
  if (head)
    return (
      <div className={`${GRID} pb-1 text-lg text-soft`}>
        <p>What is done</p>
        <p>What it costs</p>
        <p>Who says so</p>
      </div>
    );
  return <div className={`${GRID} border-t border-hair py-3`}>{children}</div>;
}

function Who({ lead }: { lead: boolean }) {
  return (
    <p className="text-xl font-semibold">
      {lead ? 'the lead' : 'you'}
      <span className="block text-lg font-normal text-soft">{lead ? 'own badge and PIN' : ''}</span>
    </p>
  );
}

type WayProps = { n: 1 | 2; picked: boolean; says: string; note: string; onPick: (which: 1 | 2) => void };

function Way({ n, picked, says, note, onPick }: WayProps) {
  return (
    <button
      type="button"
      aria-pressed={picked}
      onClick={() => onPick(n)}
      className={`flex min-h-24 items-center gap-5 rounded border-2 px-5 text-left ${picked ? 'border-now bg-now text-on-now' : 'border-line bg-sheet'}`}
    >
      <kbd className="rounded border border-current px-2.5 py-1 font-sans text-lg">{n}</kbd>
      <span>
        <span className="block text-xl font-semibold">{says}</span>
        <span className={`block text-lg ${picked ? '' : 'text-soft'}`}>{note}</span>
      </span>
    </button>
  );
}

/** What each of the lead's words would cost: so that nobody calls for the dearest in ignorance. */
function ForTheLead({ decisions }: { decisions: Decision[] }) {
  return (
    <div>
      <p className="text-lg">No metal yet. Then, as the lead says:</p>
      <ul>
        {bySamePrice(decisions).map(([price, says]) => (
          <li key={price} className="text-lg leading-snug">
            <b>{says.join(' / ')}:</b> {price.charAt(0).toLowerCase()}
            {price.slice(1)}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What costs the same is said once. */
function bySamePrice(decisions: Decision[]): [string, string[]][] {
  const prices = new Map<string, string[]>();
  for (const { price, says } of decisions) if (price) prices.set(price.says, [...(prices.get(price.says) ?? []), says]);
  return [...prices];
}
