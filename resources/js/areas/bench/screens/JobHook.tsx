import { useMutation } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { useMe, useZone } from '@/api/session';
import type { JobCard } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { JointMap } from '@/ui/JointMap';
import { Unreachable } from '@/ui/Unreachable';
import { Failure, Loaded } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { ScanInput } from '../ScanInput';
import { beginRun, useHook } from '../queries';
import { useOutbox } from '../useOutbox';

/** The job cards on one's hook, and runs of others that one could take over. */
export function JobHook({ notices }: { notices: ReactNode }) {
  const me = useMe();
  const zone = useZone();
  const query = useHook();
  return (
    <div className="flex min-h-screen flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">Tekkal</span>
      </BenchHeader>
      <Unreachable zone={zone} big />
      {notices}
      <main className="p-7">
        <h1 className="text-3xl">On {me.name}’s hook</h1>
        <Loaded query={query}>
          {({ mine, others }) => (
            <>
              {mine.length === 0 && <p className="py-8 text-xl text-soft">Nothing hangs here. The lead gives out the work; it appears by itself.</p>}
              <Cards cards={mine} scan />
              {others.length > 0 && (
                <>
                  <h2 className="mt-12 text-xl text-soft">Open in other hands</h2>
                  <Cards cards={others} />
                </>
              )}
            </>
          )}
        </Loaded>
      </main>
    </div>
  );
}

function Cards({ cards, scan = false }: { cards: JobCard[]; scan?: boolean }) {
  const navigate = useNavigate();
  const { ready } = useOutbox();
  const begin = useMutation({
    mutationFn: async (assignment: string) => (await ready()).command(beginRun(assignment)),
    onSuccess: (run) => void navigate(`/bench/runs/${run.id}`),
  });
  const open = (card: JobCard) => {
    if (card.run) void navigate(`/bench/runs/${card.run.id}`);
    else begin.mutate(card.assignment);
  };
  return (
    <>
      {scan && <SerialScan cards={cards} onOpen={open} />}
      {begin.isError && <Failure sentence={sentenceOf(begin.error)} />}
      <ul className="mt-6 grid gap-6 md:grid-cols-2 xl:grid-cols-3">
        {cards.map((card) => (
          <li key={card.assignment} className="flex">
            <Card card={card} disabled={begin.isPending} onOpen={() => open(card)} />
          </li>
        ))}
      </ul>
    </>
  );
}

function SerialScan({ cards, onOpen }: { cards: JobCard[]; onOpen: (card: JobCard) => void }) {
  const [unknown, setUnknown] = useState<string | null>(null);
  const onScan = (code: string) => {
    const serial = code.replace(/^@S/, '').trim().toUpperCase();
    const card = cards.find((c) => c.serial.startsWith(serial) && serial !== '');
    setUnknown(card || serial === '' ? null : serial);
    if (card) onOpen(card);
  };
  return (
    <>
      <ScanInput label="Scan a serial" placeholder="scan a serial …" onScan={onScan} />
      {unknown !== null && (
        <p role="alert" className="mt-2 text-lg text-fault">
          {unknown} is not on this hook.
        </p>
      )}
    </>
  );
}

function Card({ card, disabled, onOpen }: { card: JobCard; disabled: boolean; onOpen: () => void }) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onOpen}
      className="flex w-full flex-col rounded-sm border border-line bg-sheet p-5 pt-4 text-left shadow-[0_2px_0_var(--hair)] active:translate-y-px"
    >
      <PunchedHole />
      <span className="wide text-2xl font-bold">{card.serial}</span>
      <span className="text-xl">{card.joint}</span>
      <span className="mt-1 text-lg">{card.line}</span>
      <span className="mt-3 block h-32 w-full">
        <JointMap sketch={card.sketch} marks={card.run?.marks} detail="small" label={`${card.joint} of ${card.serial}`} />
      </span>
      <span className={`mt-4 text-lg font-semibold ${card.run?.stopped ? 'text-fault' : 'text-now'}`}>{sentence(card)}</span>
    </button>
  );
}
function sentence(card: JobCard): string {
  const { run } = card;
  if (!run) return `Begin, ${String(card.steps)} steps`;
  const where = run.device === null ? '' : `, at ${run.device}`;
  if (run.stopped) return `Stands still after ${String(run.done)} of ${String(run.all)}${where}`;
  return `Go on at step ${String(run.done + 1)} of ${String(run.all)}${where}`;
}

/** A card hangs by this. */
function PunchedHole() {
  return (
    <svg viewBox="0 0 40 16" className="mx-auto mb-1 h-4" aria-hidden="true">
      <circle cx={20} cy={8} r={6} fill="var(--paper)" stroke="var(--line)" />
    </svg>
  );
}
