import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { useMe, useSession } from '@/api/session';
import type { BenchView, RunSheet } from '@/api/types';
import { Loaded, Waiting } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { CallScreen } from '../CallScreen';
import { CardBand } from '../CardBand';
import { HaltScreen } from '../HaltScreen';
import { HoldScreen } from '../HoldScreen';
import { KitScreen } from '../KitScreen';
import { LeadSheet } from '../LeadSheet';
import { MorePanel } from '../MorePanel';
import { PersonScreen } from '../PersonScreen';
import { RunTitle } from '../RunTitle';
import { NoticeScreen } from '../NoticeScreen';
import { StopScreen } from '../StopScreen';
import { ToolScreen } from '../ToolScreen';
import { Closed } from '../points/Closed';
import { ForTheLead } from '../points/ForTheLead';
import { HeldElsewhere } from '../points/HeldElsewhere';
import { Left } from '../points/Left';
import { MidStroke } from '../points/MidStroke';
import { ToCompare } from '../points/ToCompare';
import { useSounds } from '../sounds';
import { FinalLook } from '../end/FinalLook';
import { SecondLook } from '../end/SecondLook';
import { SignScreen } from '../end/SignScreen';
import { type Bench, useRun } from '../useRun';
import { Wet } from '../Wet';
import { WrongSheet } from '../wrong/WrongSheet';

/** A run at the bench: always the one thing to do now. */
export function Run() {
  const { run = '' } = useParams();
  const bench = useRun(run);
  useSounds(bench);
  return (
    <div className="flex h-screen min-h-[660px] flex-col" data-core={bench.beside.state}>
      <Loaded query={bench.query}>
        {(sheet) => (
          <>
            <BenchHeader holder={sheet.holder}>
              <RunTitle sheet={sheet} />
            </BenchHeader>
            <Told sheet={sheet} putOff={bench.view?.put_off ?? []} />
            <CardBand sheet={sheet} card={bench.view?.card ?? null} />
            <Wet wet={bench.view?.wet ?? []} />
            <NotKept sentence={bench.outboxState.notKept} />
            {bench.view && bench.outbox ? (
              <Now key={bench.view.call.kind === 'finished' ? 'finished' : 'open'} bench={bench} sheet={sheet} view={bench.view} />
            ) : (
              <Waiting />
            )}
            {bench.view && <Over bench={bench} sheet={sheet} view={bench.view} />}
          </>
        )}
      </Loaded>
    </div>
  );
}

/** What is wrong, or the lead's word: over whatever screen there is, as long as the run is in these hands and nothing else has to be read first. */
function Over({ bench, sheet, view }: Props) {
  const isHere = useIsHere(sheet);
  const { over, setOver, shut } = bench;
  useEffect(() => {
    // Come back to, it is not asked again what was asked before it went elsewhere.
    if (!isHere) setOver(null);
  }, [isHere, setOver]);
  if (over === null || !isHere || bench.notice) return null;
  const close = () => shut(over);
  if (over.what === 'lead') return <LeadSheet bench={bench} sheet={sheet} view={view} onClose={close} />;
  return <WrongSheet bench={bench} sheet={sheet} view={view} onClose={close} {...(over.what === 'doubt' ? { begin: NOT_SURE } : {})} />;
}

/** Not sure, of the bolt that is called. */
const NOT_SURE = { key: '24', choice: 'bolt' };

/** What was seen last is nowhere, on whatever screen one is by now. */
function NotKept({ sentence }: { sentence: string | null }) {
  if (sentence === null) return null;
  return (
    <p role="alert" className="shrink-0 border-b border-l-8 border-line border-l-fault bg-sheet px-5 py-2 text-xl font-semibold text-fault">
      {sentence}
    </p>
  );
}

/** What one has to know about this run beside its steps. */
function Told({ sheet, putOff }: { sheet: RunSheet; putOff: BenchView['put_off'] }) {
  if (sheet.newer === null && sheet.permits.length === 0 && putOff.length === 0 && sheet.engine.length === 0) return null;
  return (
    <div className="shrink-0 border-b border-line bg-sheet px-7 py-1.5 text-lg">
      {sheet.newer !== null && (
        <p>
          <b>Revision {sheet.newer} is in force now.</b> This run was begun with {sheet.revision} and goes on with it.
        </p>
      )}
      {putOff.length > 0 && (
        <p className="truncate">
          <b>Put off:</b> {putOff.map((p) => `${p.says} (${p.reason})`).join('; ')}. It is taken up under +.
        </p>
      )}
      <Elsewhere lines={sheet.engine} />
      {sheet.permits.map((p) => (
        <p key={p.code} className="truncate" title={p.departure}>
          <b>Permit {p.code}:</b> {p.departure}
        </p>
      ))}
    </div>
  );
}

/** How the metal stands at other joints of the same engine; what holds its shaft or dries comes first. */
function Elsewhere({ lines }: { lines: RunSheet['engine'] }) {
  if (lines.length === 0) return null;
  const says = [...lines].sort((a, b) => Number(b.grave) - Number(a.grave)).map((l) => `${l.joint}, ${l.says}`);
  return (
    <p className={`line-clamp-2 ${lines.some((l) => l.grave) ? 'text-fault' : ''}`} title={says.join('; ')}>
      <b>Elsewhere on this engine:</b> {says.join('; ')}.
    </p>
  );
}

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** Is it in one's own hands, at this bench? */
function useIsHere({ holder }: RunSheet): boolean {
  const me = useMe();
  const device = useSession().data?.device;
  return holder.device === device?.id && holder.person === me.id;
}

function Now({ bench, sheet, view }: Props) {
  const isHere = useIsHere(sheet);
  const { call } = view;
  if (call.kind === 'finished') return <Closed bench={bench} sheet={sheet} view={view} />;
  // What was set aside is said on the spot, though the run is in other hands by now.
  if (bench.notice) return <NoticeScreen bench={bench} onRead={() => bench.setNotice(null)} />;
  if (!isHere) return <HeldElsewhere bench={bench} sheet={sheet} view={view} />;
  if (call.halt) return <HaltScreen bench={bench} sheet={sheet} view={view} halt={call.halt} />;
  if (view.parked) return <Left bench={bench} sheet={sheet} view={view} />;
  if (call.stop) return <StopScreen key={`${call.stop.step} ${call.title} ${call.kind}`} bench={bench} sheet={sheet} view={view} stop={call.stop} />;
  if (call.kind === 'person') return <SomebodyElse key={call.title} bench={bench} sheet={sheet} view={view} />;
  if (call.act === 'compare') return <ToCompare bench={bench} sheet={sheet} view={view} />;
  if (call.kind === 'lead') return <ForTheLead bench={bench} sheet={sheet} view={view} />;
  if (call.kind === 'look') return <FinalLook bench={bench} sheet={sheet} view={view} />;
  if (call.kind === 'finish') return <SignScreen bench={bench} sheet={sheet} view={view} />;
  return <Begun bench={bench} sheet={sheet} view={view} />;
}

/** Somebody else is wanted: to hold, or to look. */
function SomebodyElse({ bench, sheet, view }: Props) {
  const event = view.call.answers[0]?.event;
  if (event && 'stage' in event) return <SecondLook bench={bench} sheet={sheet} view={view} stage={String(event.stage)} />;
  return <PersonScreen bench={bench} sheet={sheet} view={view} />;
}

/** What has to lie on the bench comes first, once, as long as nothing was done yet. */
function Begun({ bench, sheet, view }: Props) {
  const [ready, setReady] = useState(false);
  const [more, setMore] = useState(false);
  // Come back to in the middle of an angle: asked once, when it is opened here.
  const [amid, setAmid] = useState(view.call.sum !== undefined);
  const untouched = sheet.last_seq <= 1 && view.last === null && bench.outboxState.waiting.length === 0;
  if (amid && view.call.sum !== undefined) return <MidStroke bench={bench} sheet={sheet} view={view} onGoOn={() => setAmid(false)} />;
  if (ready || !untouched) return <Work bench={bench} sheet={sheet} view={view} />;
  return (
    <>
      <KitScreen bench={bench} sheet={sheet} onReady={() => setReady(true)} onMore={() => setMore(true)} />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}

/** The work itself, one thing at a time; another tool, a count of the whole round and another bolt in its place are ways aside from it. */
function Work({ bench, sheet, view }: Props) {
  const [aside, setAside] = useState<{ of: string; seq: number; what: 'tool' | 'other' } | null>(null);
  const { call } = view;
  const of = call.step ?? '';
  // Answered, it is done with, though the same step may be called for again.
  const is = aside?.of === of && aside.seq === view.last_seq ? aside.what : null;
  const go = (what: 'tool' | 'other') => () => setAside({ of, seq: view.last_seq, what });
  const back = () => setAside(null);
  if (call.kind === 'tool') return <ToolScreen key={`${of} ${call.title}`} bench={bench} sheet={sheet} view={view} call={call} />;
  if (is === 'tool' && view.tools[0]) return <ToolScreen bench={bench} sheet={sheet} view={view} call={view.tools[0]} onKeep={back} />;
  if (call.kind === 'hold') return <HoldScreen bench={bench} sheet={sheet} view={view} call={call} onTool={go('tool')} />;
  const other = call.round ?? call.another;
  if (is === 'other' && other) return <CallScreen key="other" bench={bench} sheet={sheet} view={view} call={other} onBack={back} onTool={go('tool')} />;
  return <CallScreen key="call" bench={bench} sheet={sheet} view={view} call={call} onTool={go('tool')} {...(other ? { onOther: go('other') } : {})} />;
}
