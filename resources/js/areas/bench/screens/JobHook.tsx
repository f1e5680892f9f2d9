import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useMe, useZone } from '@/api/session';
import type { JobCard } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { JointMap } from '@/ui/JointMap';
import { Unreachable } from '@/ui/Unreachable';
import { Failure, Loaded } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { BigKey } from '../BigKey';
import { HookMore } from '../HookMore';
import { HookStop } from '../HookStop';
import { ScanInput } from '../ScanInput';
import { ToolAtHook } from '../ToolAtHook';
import { coreBeside } from '../useBeside';
import { HOOK, beginRun, useHook, useHookAgain, useHookTimes } from '../queries';
import { useOutbox } from '../useOutbox';
import { usePadKeys } from '../usePadKeys';

/** The job cards on one's hook, and runs of others that one could take over. */
export function JobHook({ notices }: { notices: ReactNode }) {
  const me = useMe();
  const zone = useZone();
  const query = useHook();
  const times = useHookTimes();
  useHookAgain(useOutbox().state.waiting.length);
  const [more, setMore] = useState(false);
  const stop = query.data?.stops[0];
  usePadKeys(stop ? {} : { '+': () => setMore(true) });
  // Whoever opens a card finds the core at hand; where it cannot start, the run says so.
  useEffect(() => void coreBeside().catch(() => undefined), []);
  if (stop !== undefined) return <HookStop key={stop.id} stop={stop} />;
  return (
    <div className="flex min-h-screen flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">Tekkal</span>
      </BenchHeader>
      <Unreachable zone={zone} big />
      {notices}
      <main className="relative grow px-7 pt-6 pb-4">
        <WhoseHook name={me.name} shift={times?.shift ?? null} />
        <Cards query={query} times={times} />
      </main>
      <footer className="sticky bottom-0 flex items-center gap-4 border-t border-hair bg-paper px-7 py-3">
        <BigKey cap="+" onClick={() => setMore(true)}>
          More
        </BigKey>
        <p className="text-lg text-soft">A card opens by its number and Enter, by its serial, by a scan or a touch.</p>
      </footer>
      {more && <HookMore onClose={() => setMore(false)} />}
    </div>
  );
}

/** As high as the field beside it, also between shifts, when nothing is said of one. */
function WhoseHook({ name, shift }: { name: string; shift: { ends: string; left: string } | null }) {
  return (
    <div className="landscape:min-h-[84px]">
      <h1 className="text-[40px] leading-tight">On {name}’s hook</h1>
      {shift && (
        <p className="text-lg">
          The shift ends at {shift.ends}, in {shift.left}.
        </p>
      )}
    </div>
  );
}

function Cards({ query, times }: { query: ReturnType<typeof useHook>; times: ReturnType<typeof useHookTimes> }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const { ready } = useOutbox();
  const [typed, setTyped] = useState('');
  const begin = useMutation({
    mutationFn: async (assignment: string) => (await ready()).command(beginRun(assignment)),
    onSuccess: (run) => {
      // A card as it hung before would begin it once more.
      client.removeQueries({ queryKey: HOOK });
      void navigate(`/bench/runs/${run.id}`);
    },
  });
  const open = (card: JobCard) => {
    if (card.run) void navigate(`/bench/runs/${card.run.id}`);
    else begin.mutate(card.assignment);
  };
  const all = [...(query.data?.mine ?? []), ...(query.data?.others ?? [])];
  const list = { picked: cardFor(all, typed), times, disabled: begin.isPending, onOpen: open };
  return (
    <>
      <CardField cards={query.data ? all : null} onType={setTyped} onOpen={open} />
      {begin.isError && <Failure sentence={sentenceOf(begin.error)} />}
      <Loaded query={query}>
        {({ mine, others }) => (
          <>
            {mine.length === 0 && <p className="py-8 text-xl text-soft">Nothing hangs here. The lead gives out the work; it appears by itself.</p>}
            <CardList cards={mine} from={1} {...list} />
            {others.length > 0 && (
              <>
                <h2 className="mt-10 text-xl text-soft">Open in other hands</h2>
                <CardList cards={others} from={mine.length + 1} {...list} />
              </>
            )}
          </>
        )}
      </Loaded>
    </>
  );
}

/** Which card is meant: by its number, else by a serial or a part of one. The card is shown before Enter opens it. */
function cardFor(cards: JobCard[], typed: string): JobCard | null {
  const text = typed.replace(/^@S/i, '').trim().toUpperCase();
  if (text === '') return null;
  const byNumber = /^\d{1,2}$/.test(text) ? cards[Number(text) - 1] : undefined;
  return byNumber ?? cards.find((c) => c.serial.toUpperCase().startsWith(text)) ?? cards.find((c) => c.serial.toUpperCase().includes(text)) ?? null;
}

/** The number of a tool: any that is scanned, or one typed as it is written on it. */
const toolCode = (code: string) => (/^@T(.{1,20})$/i.exec(code.trim()) ?? /^([A-Z]{2}-\d{1,4})$/i.exec(code.trim()))?.[1]?.toUpperCase() ?? null;

/** The number of a job card on paper, typed or scanned. */
const paperCard = (code: string) => /^(?:@C)?(C-\d{4,})$/i.exec(code.trim())?.[1]?.toUpperCase() ?? null;

type FieldProps = { cards: JobCard[] | null; onType: (text: string) => void; onOpen: (card: JobCard) => void };

/** Takes what is typed or scanned before the cards are there too: it is looked for once they are. */
function CardField({ cards, onType, onOpen }: FieldProps) {
  const [asked, setAsked] = useState<string | null>(null);
  const [tool, setTool] = useState<string | null>(null);
  const onScan = useScanned({ cards, asked, onAsk: setAsked, onOpen, onTool: setTool });
  const unknown = asked === null || cards === null || cardFor(cards, asked) !== null ? null : asked.replace(/^@S/i, '').trim();
  return (
    <>
      <div className="landscape:absolute landscape:top-1 landscape:right-7">
        <ScanInput
          label="Scan a serial"
          placeholder="a number, a serial, a scan"
          onScan={onScan}
          onType={(text) => {
            if (text !== '') setAsked(null);
            onType(text);
          }}
        />
      </div>
      {unknown !== null && <Unknown said={unknown} />}
      {tool !== null && <ToolAtHook code={tool} onClose={() => setTool(null)} />}
    </>
  );
}

type Scanned = {
  cards: JobCard[] | null;
  asked: string | null;
  onAsk: (code: string) => void;
  onOpen: (card: JobCard) => void;
  onTool: (code: string) => void;
};

/** What is done with a scan: a job card on paper, a tool, or a card of the hook, which may still be on its way. */
function useScanned({ cards, asked, onAsk, onOpen, onTool }: Scanned) {
  const navigate = useNavigate();
  const waiting = useRef<string | null>(null);
  const card = asked === null || cards === null ? null : cardFor(cards, asked);
  useEffect(() => {
    if (waiting.current === null || card === null) return;
    waiting.current = null;
    onOpen(card);
  }, [card, onOpen]);
  return (code: string) => {
    const [paper, tool] = [paperCard(code), toolCode(code)];
    const found = cards && cardFor(cards, code);
    if (code.trim() === '') return;
    if (paper !== null) void navigate(`/bench/cards/${paper}`);
    else if (tool !== null && !found) onTool(tool);
    else {
      waiting.current = cards === null ? code : null;
      onAsk(code);
      if (found) onOpen(found);
    }
  };
}

function Unknown({ said }: { said: string }) {
  return (
    <p role="alert" className="mt-2 text-lg text-fault">
      No card here has {said}. Type the number before a card, a part of its serial, or the number of a card on paper.
    </p>
  );
}

type Times = ReturnType<typeof useHookTimes>;
type ListProps = { cards: JobCard[]; from: number; picked: JobCard | null; times: Times; disabled: boolean; onOpen: (card: JobCard) => void };

function CardList({ cards, from, picked, times, disabled, onOpen }: ListProps) {
  return (
    <ul className="mt-6 grid gap-6 md:grid-cols-2 xl:grid-cols-3">
      {cards.map((card, i) => (
        <li key={card.assignment} className="flex">
          <Card card={card} number={from + i} picked={picked?.assignment === card.assignment} times={times} disabled={disabled} onOpen={() => onOpen(card)} />
        </li>
      ))}
    </ul>
  );
}

type CardProps = { card: JobCard; number: number; picked: boolean; times: Times; disabled: boolean; onOpen: () => void };

function Card({ card, number, picked, times, disabled, onOpen }: CardProps) {
  const of = times?.jobs.find((job) => job.assignment === card.assignment);
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onOpen}
      aria-current={picked}
      className={`flex w-full flex-col rounded-sm border-2 bg-sheet p-5 pt-4 text-left shadow-[0_2px_0_var(--hair)] active:translate-y-px ${picked ? 'border-now' : 'border-line'}`}
    >
      <PunchedHole />
      <span className="flex items-baseline justify-between gap-4">
        <span className="wide text-2xl font-bold">{card.serial}</span>
        <kbd className="rounded border border-line px-2.5 py-0.5 font-sans text-xl font-semibold" aria-hidden="true">
          {number}
        </kbd>
      </span>
      <span className="text-xl">
        {card.joint}, <b>{card.hardware}</b>
      </span>
      <span className="mt-1 text-lg">{card.line}</span>
      <span className="mt-3 block h-32 w-full">
        <JointMap sketch={card.sketch} marks={card.run?.marks} detail="small" label={`${card.joint} of ${card.serial}`} />
      </span>
      <OnPaper card={card.paper} />
      <span className={`mt-4 text-lg font-semibold ${card.run?.stopped || card.stop ? 'text-fault' : 'text-now'}`}>{sentence(card)}</span>
      {of?.time && !card.stop && (
        <span className="mt-1 text-lg leading-snug">
          <span className={of.time.late ? 'font-semibold text-fault' : ''}>
            About {of.time.in_all}
            {of.time.late && ', not done by the end of the shift'}.
          </span>{' '}
          <span className="text-soft">Place to leave it:</span> {of.time.leave}
        </span>
      )}
      {of?.learnt && !card.stop && <span className="mt-1 border-l-4 border-now pl-3 text-lg leading-snug font-semibold">{of.learnt}</span>}
      {of?.left && !card.stop && <span className="mt-2 line-clamp-2 border-l-4 border-now pl-3 text-lg leading-snug">{of.left.says}</span>}
    </button>
  );
}

function sentence(card: JobCard): string {
  const { run, stop } = card;
  if (stop) return `Stopped by the shop: ${stop.why}`;
  if (!run) return `Begin, ${String(card.steps)} steps`;
  const where = run.device === null ? '' : `, at ${run.device}`;
  if (run.stopped) return `Stands still after ${String(run.done)} of ${String(run.all)}${where}`;
  return `Go on at step ${String(run.done + 1)} of ${String(run.all)}${where}`;
}

/** Worked with a pencil, or back and not typed in: nobody begins it here a second time. */
function OnPaper({ card }: { card: string | null }) {
  if (card === null) return null;
  return <span className="mt-3 border-l-4 border-paint pl-3 text-lg leading-snug font-semibold">On paper, card {card}: type that number to type it in.</span>;
}

/** A card hangs by this. */
function PunchedHole() {
  return (
    <svg viewBox="0 0 40 16" className="mx-auto mb-1 h-4" aria-hidden="true">
      <circle cx={20} cy={8} r={6} fill="var(--paper)" stroke="var(--line)" />
    </svg>
  );
}
