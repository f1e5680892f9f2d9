import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { JointMap } from '@/ui/JointMap';
import { CallScreen } from './CallScreen';
import { HoldScreen } from './HoldScreen';
import { MorePanel } from './MorePanel';
import { StopFrame } from './StopFrame';
import { type StopKey, StopKeys, useStopKeys } from './StopKeys';
import { Unsent } from './Unsent';
import { useShownWhileLocked } from './lock/shown';
import { RUN, knowStop } from './queries';
import { type Bench, useObserve } from './useRun';

type Halt = NonNullable<BenchView['call']['halt']>;
type Props = { bench: Bench; sheet: RunSheet; view: BenchView; halt: Halt };

/** The shop has stopped it. What was pulled as that came is told first; then whoever stands here says that it is known, and leaves the metal as it is. */
export function HaltScreen({ bench, sheet, view, halt }: Props) {
  const [telling, setTelling] = useState<number | null>(null);
  const hand = view.call.in_hand;
  const back = () => setTelling(null);
  // Told, it is done with.
  if (hand && telling === view.last_seq) {
    if (hand.kind === 'hold') return <HoldScreen bench={bench} sheet={sheet} view={view} call={hand} onTool={back} />;
    return <CallScreen bench={bench} sheet={sheet} view={view} call={hand} onBack={back} onTool={back} />;
  }
  return <Halted bench={bench} sheet={sheet} view={view} halt={halt} {...(hand ? { onTell: () => setTelling(view.last_seq) } : {})} />;
}

/** Said to the server, and where the run itself is stopped it is parked as it stands. */
function useKnown(bench: Bench, sheet: RunSheet, halt: Halt) {
  const client = useQueryClient();
  const observe = useObserve(bench);
  return useMutation({
    mutationFn: () => knowStop(halt.id),
    onSuccess: async () => {
      if (halt.what !== 'tool') await observe({ type: 'parked', reason: `${halt.title} is stopped` });
      await client.invalidateQueries({ queryKey: RUN(sheet.id) });
    },
  });
}

function Halted({ bench, sheet, view, halt, onTell }: Props & { onTell?: () => void }) {
  const navigate = useNavigate();
  const [more, setMore] = useState(false);
  const known = useKnown(bench, sheet, halt);
  useShownWhileLocked(`Stopped: ${sheet.serial}, ${sheet.joint.toLowerCase()}. Nothing more is pulled.`);
  const keys = keysOf(halt, {
    ...(onTell ? { tell: onTell } : {}),
    known: () => {
      if (!known.isPending) known.mutate();
    },
    leave: () => void navigate('/bench'),
    wrong: () => bench.setOver('wrong'),
    more: () => setMore(true),
  });
  useStopKeys(keys);
  return (
    <>
      <StopFrame
        shape="barred"
        what={<What view={view} halt={halt} refused={known.isError ? sentenceOf(known.error) : null} />}
        joint={
          <div className="min-h-0 pb-2">
            <JointMap sketch={sheet.sketch} marks={view.marks} detail="full" label="The joint, left as it stands, with the marks that are on it" />
          </div>
        }
        keys={<Keys keys={keys} bench={bench} view={view} />}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}

type Works = { tell?: () => void; known: () => void; leave: () => void; wrong: () => void; more: () => void };

function keysOf(halt: Halt, does: Works): StopKey[] {
  return [
    ...(does.tell ? [{ cap: '1', says: 'Enter what I had pulled', work: does.tell }] : []),
    halt.seen
      ? { cap: '*', says: 'Back to my hook', work: does.leave }
      : { cap: '*', says: halt.what === 'tool' ? 'It is off and put aside' : 'It stands like this', work: does.known },
    { cap: '/', says: 'Something is wrong', work: does.wrong },
    { cap: '+', says: 'More', work: does.more },
  ];
}

function Keys({ keys, bench, view }: { keys: StopKey[]; bench: Bench; view: BenchView }) {
  return (
    <>
      <StopKeys keys={keys} />
      <Unsent bench={bench} view={view} />
    </>
  );
}

/** What is stopped and why, and how the metal is left. */
function What({ view, halt, refused }: { view: BenchView; halt: Halt; refused: string | null }) {
  const [now, ...rest] = view.call.says;
  return (
    <div className="flex min-h-0 flex-col justify-center" role="alert">
      <p className="wide text-[min(6rem,10vh)] leading-none font-bold text-fault">Stopped</p>
      <p className="mt-3 text-[30px] leading-tight font-semibold">{halt.why}</p>
      <p className="mt-1 text-xl">{halt.says}</p>
      {halt.seen ? (
        <p className="mt-4 text-[26px] leading-tight font-semibold">It is known here. It goes on when two have lifted it.</p>
      ) : (
        <p className="mt-4 text-[26px] leading-tight font-semibold">{now}</p>
      )}
      <ul className="mt-3 flex flex-col gap-1.5 text-xl leading-snug">
        {rest.map((says) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
      <p className="mt-3 text-base text-soft">Enter and the foot switch do nothing here.</p>
      {refused !== null && <p className="mt-3 text-xl font-semibold text-fault">{refused}</p>}
    </div>
  );
}
