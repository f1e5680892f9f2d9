import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build as BuildData } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink, FileLink } from '@/ui/ButtonLink';
import { Refusal } from '@/ui/Refusal';
import { Loaded } from '@/ui/states';
import { BuildAside } from '../BuildAside';
import { IntakePanel } from '../IntakePanel';
import { JointOnPage } from '../JointOnPage';
import { type Move, MovePanel } from '../MovePanels';
import { labelsOf, startBuild, useBuild, useBuildCommand, useCardsOf } from '../queries';

/** One engine: where it stands, its joints, what is known of it, and what may be done with it next. */
export function Build() {
  const { build = '' } = useParams();
  const query = useBuild(build);
  return <Loaded query={query}>{(data) => <Engine key={data.id} build={data} />}</Loaded>;
}

function Engine({ build }: { build: BuildData }) {
  const [move, setMove] = useState<Move | null>(null);
  const cards = useCardsOf(build.id, useMay()('handle-cards')) ?? [];
  return (
    <main className="flex grow flex-col">
      <Head build={build} onMove={setMove} />
      {build.intake && build.state !== 'shipped' && build.state !== 'finished' && <Back build={build} intake={build.intake} />}
      <div className="grid grow grid-cols-1 lg:grid-cols-[minmax(0,1fr)_18rem]">
        <ul className="flex flex-col gap-9 p-7">
          {build.joints.map((joint) => (
            <li key={joint.id} className="border-b border-hair pb-8 last:border-b-0">
              <JointOnPage build={build} joint={joint} cards={cards} />
            </li>
          ))}
        </ul>
        <BuildAside build={build} onCallOff={() => setMove('call-off')} />
      </div>
      {move && <MovePanel move={move} build={build} onClose={() => setMove(null)} />}
    </main>
  );
}

/** It was here before: what was opened is asked once, and may be said again. */
function Back({ build, intake }: { build: BuildData; intake: NonNullable<BuildData['intake']> }) {
  const [open, setOpen] = useState(false);
  const zone = useZone();
  const may = useMay();
  return (
    <section aria-label="It is back" className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-b border-line px-7 py-3">
      <p>
        <Link className="quiet" to={`/builds/${intake.before.id}`}>
          {intake.before.title}
        </Link>
        {intake.before.shipped_at !== null && `, left on ${day(intake.before.shipped_at, zone)}`}.{' '}
        {intake.said ? 'What was opened has been said.' : <b className="text-fault">Before anything is loosened: what is opened?</b>}
      </p>
      {may('open-builds') && (
        <Button look={intake.said ? 'plain' : 'main'} onClick={() => setOpen(true)}>
          {intake.said ? 'More was opened' : 'Say what is opened'}
        </Button>
      )}
      {open && <IntakePanel build={build} intake={intake} onClose={() => setOpen(false)} />}
    </section>
  );
}

function Head({ build, onMove }: { build: BuildData; onMove: (move: Move) => void }) {
  const may = useMay();
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 border-b border-line px-7 py-5">
      <Title build={build} />
      <div className="flex items-center gap-3">
        {may('open-builds') && <FileLink href={labelsOf([build.id])}>Label</FileLink>}
        {may('audit') && <ButtonLink to={`/audit/${build.id}`}>Audit sheet</ButtonLink>}
        {may('close-builds') && <Onward build={build} onMove={onMove} />}
      </div>
    </header>
  );
}

/** The one thing that comes next for the whole engine, and the way back as long as it is here. */
function Onward({ build, onMove }: { build: BuildData; onMove: (move: Move) => void }) {
  const start = useBuildCommand(() => startBuild(build.id));
  switch (build.state) {
    case 'received':
      return (
        <>
          <Button look="main" disabled={start.isPending} onClick={() => start.mutate(undefined)}>
            Put it on a stand
          </Button>
          <Refusal of={start} />
        </>
      );
    case 'open':
      return (
        <Button look={build.missing.length === 0 ? 'main' : 'plain'} onClick={() => onMove('finish')}>
          {build.subassembly === null ? 'Finish the build' : 'Finish it'}
        </Button>
      );
    case 'finished':
      return (
        <>
          <Button onClick={() => onMove('reopen')}>Take it up again</Button>
          {build.as !== 'fitted' && (
            <Button look={build.subassembly === null ? 'main' : 'plain'} onClick={() => onMove('ship')}>
              Ship it
            </Button>
          )}
        </>
      );
    case 'shipped':
      return null;
  }
}

function Title({ build }: { build: BuildData }) {
  const zone = useZone();
  const loud = build.as === 'needs_a_hand' ? 'text-fault' : '';
  return (
    <div>
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h1 className="wide text-[32px] font-bold">{build.title}</h1>
        <p className={`text-lg font-semibold ${loud}`}>
          {build.as === 'waiting' ? `Waits for ${build.says}` : build.says.charAt(0).toUpperCase() + build.says.slice(1)}
        </p>
      </div>
      <p className="text-soft">
        {build.family}, {build.customer}, {build.subassembly === null ? 'came in' : 'here since'} {day(build.opened_at, zone)}
        {build.finished_at !== null && `, finished ${day(build.finished_at, zone)}`}
        {build.shipped_at !== null && `, shipped ${day(build.shipped_at, zone)}`}
      </p>
    </div>
  );
}
