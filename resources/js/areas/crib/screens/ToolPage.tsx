import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { ToolPage as Page } from '@/api/types';
import { calendarDay, count, day, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { JointMap } from '@/ui/JointMap';
import { Refusal } from '@/ui/Refusal';
import { StopNowLink, StopWord } from '@/ui/StopWord';
import { Loaded } from '@/ui/states';
import { CalibrationList } from '../CalibrationList';
import { DriftPlot } from '../DriftPlot';
import { PulledAt } from '../PulledAt';
import { ToolOutline } from '../ToolOutline';
import { ToolWays } from '../ToolWays';
import { setInterval, useTool, useToolCommand } from '../queries';

/** One tool: whether it is good, how it moves, what it was used on and who had it. */
export function ToolPage() {
  const { tool = '' } = useParams();
  const query = useTool(tool);
  return <Loaded query={query}>{(page) => <Sheet page={page} />}</Loaded>;
}

function Sheet({ page }: { page: Page }) {
  return (
    <main className="grow">
      <Head page={page} />
      <div className="grid lg:grid-cols-[1fr_25rem]">
        <div className="px-7 pt-4 pb-7">
          {page.drift === null ? <NoReadings page={page} /> : <DriftPlot drift={page.drift} />}
          {page.proposal !== null && <Proposal tool={page.tool.code} proposal={page.proposal} />}
          <CalibrationList tool={page.tool} calibrations={page.calibrations} />
        </div>
        <aside className="border-hair px-6 pt-4 pb-7 lg:border-l">
          <ToolOutline tool={page.tool} className="h-24 w-64" />
          <PulledAt at={page.uses.pulled_at} page={page} />
          <Tightened uses={page.uses} />
          <WhoHadIt moves={page.moves} />
        </aside>
      </div>
    </main>
  );
}

function Head({ page }: { page: Page }) {
  const may = useMay();
  const { tool } = page;
  const bad = tool.out_of_use !== null || tool.due === 'overdue';
  const more = [
    tool.name,
    tool.range,
    `steps of ${tool.resolution}`,
    tool.permissible === null ? null : `may deviate ${tool.permissible}`,
    tool.directions === 'clockwise' ? null : tool.directions,
    tool.place === '' ? null : `hangs in ${tool.place}`,
    tool.owner === '' ? null : `belongs to ${tool.owner}`,
  ];
  return (
    <header className="flex items-center gap-7 border-b border-line px-7 py-4">
      <h1 className="wide text-[40px] font-bold whitespace-nowrap">{tool.code}</h1>
      <div className="grow">
        <p className={`text-lg font-semibold ${bad ? 'text-fault' : ''}`}>{page.says}</p>
        <StopWord stop={page.stop} opens={may('stop-work')} className="my-1" />
        <p className="text-[15px] text-soft">
          {more.filter((m) => m !== null).join('; ')}
          {tool.due_on !== null && ['good', 'soon', 'overdue'].includes(tool.due) && `; due by ${calendarDay(tool.due_on)}`}
          {tool.cycles !== null && `; ${(tool.pulls ?? 0).toLocaleString('en-GB')} of ${tool.cycles.toLocaleString('en-GB')} pulls`}
          {tool.holder !== null && `; ${tool.says}`}
        </p>
      </div>
      {may('keep-tools') && tool.due !== 'none' && tool.state !== 'retired' && (
        <ButtonLink to={`/crib/tools/${tool.code}/calibrate`} main>
          Enter a calibration
        </ButtonLink>
      )}
      {may('stop-work') && page.stop === null && tool.state !== 'retired' && <StopNowLink what="tool" of={tool.code} className="whitespace-nowrap" />}
      {may('keep-tools') && <ToolWays page={page} />}
    </header>
  );
}

function NoReadings({ page }: { page: Page }) {
  return (
    <p className="max-w-prose text-soft">
      {page.tool.due === 'none'
        ? 'No reading is taken with it, and it is not calibrated.'
        : 'No readings of a calibration stand on record yet. With three of them one sees where it is going.'}
    </p>
  );
}

function Proposal({ tool, proposal }: { tool: string; proposal: NonNullable<Page['proposal']> }) {
  const may = useMay();
  const decide = useToolCommand((months: number) => setInterval(tool, months));
  const same = proposal.months === proposal.now;
  return (
    <div className="mt-4 flex items-center gap-4 border-t border-hair pt-3">
      <p className="grow">
        <b>{same ? `${count(proposal.now, 'month')} is right` : `Proposed: ${count(proposal.months, 'month')} in place of ${String(proposal.now)}`}</b>
        {same ? '. ' : `, due by ${calendarDay(proposal.due)}. `}
        <span className="text-soft">{proposal.because}</span>
        <Refusal of={decide} />
      </p>
      {!same && may('set-tool-rules') && (
        <Button disabled={decide.isPending} onClick={() => decide.mutate(proposal.months)}>
          Take {count(proposal.months, 'month')}
        </Button>
      )}
      {!same && !may('set-tool-rules') && <span className="text-[15px] whitespace-nowrap text-soft">the lead decides</span>}
    </div>
  );
}

function Tightened({ uses }: { uses: Page['uses'] }) {
  const zone = useZone();
  if (uses.engines === 0) return <p className="mt-6 text-soft">Nothing on record was done with it yet.</p>;
  return (
    <section className="mt-6">
      <h2 className="text-lg">What it was used on</h2>
      <p className="text-[15px] text-soft">
        {count(uses.results, 'result')} on {count(uses.engines, 'engine')}; the latest:
      </p>
      <ul>
        {uses.latest.map((use) => (
          <li key={use.build + use.joint} className="grid grid-cols-[5.5rem_1fr_auto] items-center gap-3 border-b border-hair py-1.5">
            <div className="h-9">{use.map !== null && <JointMap sketch={use.map} detail="small" label={`${use.joint} of ${use.serial}`} />}</div>
            <p className="text-[15px] leading-tight">
              <Link to={`/audit/${use.build}`} className="font-semibold">
                {use.serial}
              </Link>
              <br />
              <span className="text-soft">
                {use.joint}
                {use.target !== null && `, ${use.target}`}
              </span>
            </p>
            <p className="text-right text-[15px] leading-tight text-soft">
              {count(use.fasteners, 'place')}
              <br />
              {use.at === null ? '' : day(use.at, zone)}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WhoHadIt({ moves }: { moves: Page['moves'] }) {
  const zone = useZone();
  const [all, setAll] = useState(false);
  const SHOWN = 5;
  if (moves.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-lg">Who had it</h2>
      <ul className="text-[15px]">
        {moves.slice(0, all ? moves.length : SHOWN).map((move, i) => (
          <li key={i} className="grid grid-cols-[7rem_1fr] gap-3 border-b border-hair py-1">
            <span className="text-soft">{move.at === null ? '' : dayAndTime(move.at, zone)}</span>
            <span className="first-letter:uppercase">{move.says}</span>
          </li>
        ))}
      </ul>
      {moves.length > SHOWN && !all && (
        <button type="button" className="quiet mt-1 text-[15px] underline" onClick={() => setAll(true)}>
          all {moves.length}
        </button>
      )}
    </section>
  );
}
