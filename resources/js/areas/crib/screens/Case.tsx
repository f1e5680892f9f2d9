import { type ReactNode, useState } from 'react';
import { useParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { CaseEngine, CaseSheet } from '@/api/types';
import { calendarDay, count, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { FileLink } from '@/ui/ButtonLink';
import { Refusal } from '@/ui/Refusal';
import { Loaded } from '@/ui/states';
import { CaseEngineRow } from '../CaseEngineRow';
import { DecidePanel } from '../DecidePanel';
import { closeCase, decideCase, lettersOf, tableOf, useCase, useCaseCommand } from '../queries';

/** One look-back case: which engines a wrong tool has touched, what that comes to, and what becomes of each. */
export function Case() {
  const { number = '' } = useParams();
  const query = useCase(number);
  return <Loaded query={query}>{(sheet) => <Sheet sheet={sheet} />}</Loaded>;
}

function Sheet({ sheet }: { sheet: CaseSheet }) {
  const [deciding, setDeciding] = useState<CaseEngine | null>(null);
  const may = useMay();
  const first = sheet.engines.find((e) => !e.decided);
  const decides = may('work-cases') && sheet.state !== 'closed';
  // What stays in folds, so that sixty engines do not hide the three that do not.
  const grave = sheet.engines.filter((e) => e.counts.out + e.counts.in_doubt > 0);
  const staying = sheet.engines.filter((e) => e.counts.out + e.counts.in_doubt === 0);
  const row = (engine: CaseEngine) => (
    <CaseEngineRow key={engine.build} engine={engine} main={engine === first} onDecide={decides ? () => setDeciding(engine) : null} />
  );
  return (
    <main className="grow">
      <Head sheet={sheet} />
      {sheet.state === 'judging' && <Judging sheet={sheet} />}
      {sheet.engines.length === 0 && sheet.state !== 'judging' && (
        <p className="px-7 py-6 text-soft">No result of this tool falls into that time. The case can be closed.</p>
      )}
      {sheet.engines.length > 0 && (
        <div className="px-7">
          <div className="grid grid-cols-[9rem_1fr_21rem_14rem] gap-6 border-b border-line py-1.5 text-sm text-soft max-lg:hidden">
            <span>joint</span>
            <span>what the tool did there</span>
            <span>hollow as believed, full as it is judged now</span>
            <span>what becomes of it</span>
          </div>
          {grave.map(row)}
          <Staying sheet={sheet} engines={staying} decides={decides}>
            {staying.map(row)}
          </Staying>
          <p className="py-4 text-soft">
            By risk class, then by what was lost of the window, then what has left the house first. What was only watched beside a result is not judged again.
            {sheet.undecided > 0 && ` Closing wants ${count(sheet.undecided, 'more decision')}; a late reading opens it again.`}
          </p>
        </div>
      )}
      {deciding !== null && <DecidePanel sheet={sheet} engine={deciding} onClose={() => setDeciding(null)} />}
    </main>
  );
}

function Head({ sheet }: { sheet: CaseSheet }) {
  const may = useMay();
  const close = useCaseCommand(() => closeCase(sheet.number));
  const shipped = sheet.engines.some((e) => e.state === 'shipped');
  return (
    <header className="border-b border-line px-7 py-4">
      <div className="flex items-center gap-7 max-lg:flex-wrap">
        <h1 className="wide text-[40px] font-bold whitespace-nowrap">Case {sheet.number}</h1>
        <Says sheet={sheet} />
        {may('work-cases') && shipped && <FileLink href={lettersOf(sheet.number)}>Letters to customers</FileLink>}
        {may('work-cases') && sheet.state !== 'closed' && (
          <Button disabled={sheet.undecided > 0 || sheet.state !== 'open' || close.isPending} onClick={() => close.mutate(undefined)}>
            Close the case
          </Button>
        )}
      </div>
      <div className="flex justify-end gap-5 text-[15px]">
        <Refusal of={close} />
        {may('work-cases') && (
          <a className="quiet" href={tableOf(sheet.number)}>
            Save as CSV
          </a>
        )}
      </div>
    </header>
  );
}

function Says({ sheet }: { sheet: CaseSheet }) {
  const zone = useZone();
  return (
    <div className="grow">
      <p className={`text-lg font-semibold ${sheet.counts.out > 0 && sheet.state !== 'closed' ? 'text-fault' : ''}`}>{sheet.says}</p>
      <p className="text-[15px] text-soft">
        {count(sheet.counts.results, 'result')} on {count(sheet.counts.engines, 'engine')}{' '}
        {sheet.since === null ? 'since it came' : `since ${calendarDay(sheet.since)}`}: {sheet.since_why}
        {sheet.judged_until !== null && `; judged again ${dayAndTime(sheet.judged_until, zone)}`}
        {sheet.closed_at !== null && `; closed ${dayAndTime(sheet.closed_at, zone)}`}
      </p>
    </div>
  );
}

function Judging({ sheet }: { sheet: CaseSheet }) {
  return (
    <p role="status" className="px-7 pt-4">
      {sheet.counts.results.toLocaleString('en-GB')} results are judged so far. You can leave; it goes on by itself.
    </p>
  );
}

type StayingProps = { sheet: CaseSheet; engines: CaseEngine[]; decides: boolean; children: ReactNode };

/** Engines on which everything stays in: one line, and one decision for all of them. */
function Staying({ sheet, engines, decides, children }: StayingProps) {
  const [open, setOpen] = useState(engines.length <= 4);
  const undecided = engines.filter((e) => !e.decided);
  const keep = useCaseCommand(() => decideCase(sheet.number, { builds: undecided.map((e) => e.build), decision: 'use_as_is' }));
  if (engines.length === 0) return null;
  return (
    <section>
      <div className="flex items-center gap-5 border-b border-hair py-2.5">
        <button type="button" className="font-semibold" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? '▾' : '▸'} On {count(engines.length, 'engine')} everything stays in
        </button>
        {decides && undecided.length > 0 && (
          <Button small disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
            Use {undecided.length === 1 ? 'it' : `all ${String(undecided.length)}`} as {undecided.length === 1 ? 'it is' : 'they are'}
          </Button>
        )}
        <Refusal of={keep} />
      </div>
      {open && children}
    </section>
  );
}
