import { useState } from 'react';
import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build, JointOnStand, PaperCard } from '@/api/types';
import { day, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { JointMap } from '@/ui/JointMap';
import { Refusal } from '@/ui/Refusal';
import { RevisionLink } from '@/ui/RevisionLink';
import { StopWord } from '@/ui/StopWord';
import { GivePanel } from './GivePanel';
import { Hardware } from './Hardware';
import { NoProcedure } from './NoProcedure';
import { OnPaper } from './OnPaper';
import { OpenAgainPanel } from './OpenAgainPanel';
import { PaperPanel } from './PaperPanel';
import { jointSentence } from './jointSentence';
import { paperOf, takeBackJob, takeBackPaper, takeBackTold, useBuildCommand } from './queries';

/** Nothing is given out at these until it is said that they are to be tightened here. */
const STAYS = ['paper', 'stayed', 'told'];

type Props = { build: Build; joint: JointOnStand; cards: PaperCard[] };

/** One joint of an engine: its metal, where it stands, its hardware, and what may be done with it next. */
export function JointOnPage({ build, joint, cards }: Props) {
  const may = useMay();
  const { text, fault } = jointSentence(joint);
  const here = build.facts.machining.filter((m) => m.joint === joint.id);
  // What was fitted and done then stands in the record of then; what is in force today is another matter.
  const revision = joint.outside?.kind === 'stayed' ? null : joint.revision;
  return (
    <article aria-label={joint.name}>
      <div className="flex items-baseline justify-between gap-4">
        <h2 className="text-xl">{joint.name}</h2>
        {revision && (
          <span className="text-soft">
            <RevisionLink revision={revision} open={may('read-library')} />
          </span>
        )}
      </div>
      {revision && <p className="text-lg">{revision.line}</p>}
      <div className="mt-3 grid items-start gap-8 xl:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <Metal build={build} joint={joint} />
        <div className="flex flex-col gap-4">
          <p className={`text-xl font-semibold ${fault ? 'text-fault' : ''}`}>{text.charAt(0).toUpperCase() + text.slice(1)}.</p>
          <StopWord stop={joint.stop} opens={may('stop-work')} />
          <HardwareOrHome build={build} joint={joint} />
          {here.map((m, i) => (
            <p key={i} className="border-l-4 border-paint pl-3">
              <b className="font-semibold">{m.words}</b>
              {m.at !== '' && `: ${m.at}`}
            </p>
          ))}
          <Opened joint={joint} />
          {joint.stop === null && <LeftWords joint={joint} />}
          <Outside build={build} joint={joint} />
          <Rounds joint={joint} />
          <Work build={build} joint={joint} />
          <OnPaper joint={joint} cards={cards} open={build.state === 'open' && joint.stop === null} />
        </div>
      </div>
    </article>
  );
}

/** Its plan view with the marks that are on it. Where nobody has said which hardware it gets, or nothing of it is recorded, the outline is dashed. */
function Metal({ build, joint }: { build: Build; joint: JointOnStand }) {
  const certain = joint.run !== null || joint.given !== null || (joint.hardware !== null && joint.outside === null);
  if (!joint.map) {
    return <div className="grid h-28 place-items-center rounded border border-dashed border-ink text-soft">No procedure draws it yet</div>;
  }
  return (
    <div className={`[&>svg]:max-h-[22rem] ${certain ? '' : 'rounded border border-dashed border-ink p-1 opacity-70'}`}>
      <JointMap sketch={joint.map} marks={joint.run?.marks} detail="full" label={`${joint.name} of ${build.title}, with the marks that are on it`} />
    </div>
  );
}

/** Which hardware it gets; or that it is carried in a head or a short block that was fitted, and is given out and recorded there. */
function HardwareOrHome({ build, joint }: { build: Build; joint: JointOnStand }) {
  const may = useMay();
  const { within } = joint;
  if (within === null) return joint.outside?.kind === 'stayed' ? null : <Hardware build={build} joint={joint} />;
  return (
    <p>
      <span className="text-soft">carried in</span>{' '}
      {may('give-work') ? (
        <Link className="quiet font-semibold" to={`/builds/${within.id}`}>
          {within.title}
        </Link>
      ) : (
        <b className="font-semibold">{within.title}</b>
      )}
    </p>
  );
}

/** What was said when it was left, as the next one at the bench reads it. */
function LeftWords({ joint }: { joint: JointOnStand }) {
  const zone = useZone();
  const left = joint.run?.left;
  if (!left) return null;
  return (
    <figure className="border-l-4 border-now pl-4">
      <blockquote className="text-lg break-words">{left.says}</blockquote>
      <figcaption className="text-soft">{dayAndTime(left.at, zone)}</figcaption>
    </figure>
  );
}

/** What is known of its having come apart. */
function Opened({ joint }: { joint: JointOnStand }) {
  return (
    <>
      <FoundOpen joint={joint} />
      <OpenedAgain joint={joint} />
    </>
  );
}

/** That it came apart after it was worked here: what was done then stands in the audit. */
function OpenedAgain({ joint: { opened } }: { joint: JointOnStand }) {
  const zone = useZone();
  if (opened === null) return null;
  return (
    <p className="border-l-8 border-paint py-0.5 pl-4">
      <b className="font-semibold">Opened again</b> on {dayAndTime(opened.at, zone)}: {opened.why}
    </p>
  );
}

/** How it was found when the engine came back and it was opened. */
function FoundOpen({ joint: { returned } }: { joint: JointOnStand }) {
  if (!returned?.opened) return null;
  const moved = returned.movements.map((m) => `bolt ${m.at} first moved at ${m.value}`).join(', ');
  return (
    <p>
      <span className="text-soft">opened in this build</span>
      {returned.found !== '' && `; found ${returned.found}`}
      {moved !== '' && `; ${moved}`}
    </p>
  );
}

/** What stands outside the record is said as loudly as what stands in it. */
function Outside({ build, joint }: { build: Build; joint: JointOnStand }) {
  const takeBack = useBuildCommand(() => takeBackPaper(build.id, joint.id));
  const may = useMay();
  if (joint.outside === null || joint.run?.finished) return null;
  return (
    <div className="border border-dashed border-ink px-4 py-3">
      <p>
        {joint.outside.says.charAt(0).toUpperCase() + joint.outside.says.slice(1)}. {joint.outside.kind === 'paper' && 'Not counted as recorded.'}
        {joint.outside.build !== null && (
          <Link className="quiet" to={may('audit') ? `/audit/${joint.outside.build}` : `/builds/${joint.outside.build}`}>
            Its record
          </Link>
        )}
      </p>
      {joint.outside.kind === 'told' && may('open-builds') && (build.state === 'open' || build.state === 'received') && (
        <TakeBackTold build={build} joint={joint} />
      )}
      {joint.outside.kind === 'paper' && (
        <p className="mt-2 flex items-center gap-4">
          <a className="quiet" href={paperOf(build.id, joint.id)}>
            Its paper
          </a>
          {may('open-builds') && joint.within === null && (build.state === 'open' || build.state === 'received') && (
            <Button small disabled={takeBack.isPending} onClick={() => takeBack.mutate(undefined)}>
              It is to be tightened here
            </Button>
          )}
        </p>
      )}
      <Refusal of={takeBack} className="mt-2" />
    </div>
  );
}

/** What was told by mistake, or is to be tightened anew. */
function TakeBackTold({ build, joint }: { build: Build; joint: JointOnStand }) {
  const takeBack = useBuildCommand(() => takeBackTold(build.id, joint.id));
  return (
    <p className="mt-2">
      <Button small disabled={takeBack.isPending} onClick={() => takeBack.mutate(undefined)}>
        It is to be tightened here
      </Button>
      <Refusal of={takeBack} className="mt-2" />
    </p>
  );
}

/** Who works at it: given out, or taken back before it is begun; or that it was done before. */
function Work({ build, joint }: { build: Build; joint: JointOnStand }) {
  const takeBack = useBuildCommand(() => takeBackJob(joint.given?.id ?? ''));
  const [panel, setPanel] = useState<'give' | 'paper' | 'open' | null>(null);
  const may = useMay();
  const mayGive = may('give-work') && build.state === 'open';
  const nobodys = joint.given === null && joint.within === null && !STAYS.includes(joint.outside?.kind ?? '');
  const mayEnter = may('open-builds') && (build.state === 'open' || build.state === 'received') && nobodys;
  return (
    <div>
      <div className="flex flex-wrap gap-3">
        {mayGive && nobodys && joint.revision && joint.stop === null && (
          <Button look="main" onClick={() => setPanel('give')}>
            Give it to somebody
          </Button>
        )}
        {nobodys && joint.options.length === 0 && (build.state === 'open' || build.state === 'received') && <NoProcedure build={build} joint={joint} />}
        {mayEnter && <Button onClick={() => setPanel('paper')}>Done before, on paper</Button>}
        {mayGive && joint.within === null && joint.given !== null && joint.run === null && (
          <Button disabled={takeBack.isPending} onClick={() => takeBack.mutate(undefined)}>
            Take it back
          </Button>
        )}
        {mayGive && joint.run !== null && <Button onClick={() => setPanel('open')}>It is opened again</Button>}
      </div>
      <Refusal of={takeBack} className="mt-2" />
      {panel === 'open' && <OpenAgainPanel build={build} joint={joint} onClose={() => setPanel(null)} />}
      {panel === 'give' && <GivePanel build={build} joint={joint} onClose={() => setPanel(null)} />}
      {panel === 'paper' && <PaperPanel build={build} joint={joint} onClose={() => setPanel(null)} />}
    </div>
  );
}

/** Round by round: what each brings every bolt to, and how many have it. */
function Rounds({ joint }: { joint: JointOnStand }) {
  const zone = useZone();
  if (joint.given === null) return null;
  return (
    <dl>
      {joint.revision?.rounds.map((line, i) => {
        const round = joint.run?.rounds[i];
        return (
          <div key={line} className="flex justify-between gap-6 border-b border-hair py-2">
            <dt>
              <span className="text-soft">round {i + 1}</span> {line}
            </dt>
            <dd className={round && round.done === round.all ? '' : 'text-soft'}>{round ? `${String(round.done)} of ${String(round.all)}` : 'not begun'}</dd>
          </div>
        );
      })}
      <div className="flex justify-between gap-6 border-b border-hair py-2">
        <dt className="text-soft">given to</dt>
        <dd>
          {joint.given.person}, {day(joint.given.at, zone)}
        </dd>
      </div>
    </dl>
  );
}
