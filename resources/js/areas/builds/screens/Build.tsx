import { useState } from 'react';
import { useParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build as BuildData, JointOnStand, PaperCard } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { day, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { JointMap } from '@/ui/JointMap';
import { RevisionLink } from '@/ui/RevisionLink';
import { Failure, Loaded } from '@/ui/states';
import { GivePanel } from '../GivePanel';
import { OnPaper } from '../OnPaper';
import { jointSentence } from '../jointSentence';
import { STATE_WORDS, finishBuild, shipBuild, takeBackJob, useBuild, useBuildCommand, useCardsOf } from '../queries';

/** One engine: its joints, who has them, and what may be done with it next. */
export function Build() {
  const { build = '' } = useParams();
  const query = useBuild(build);
  return <Loaded query={query}>{(data) => <Engine build={data} />}</Loaded>;
}

function Engine({ build }: { build: BuildData }) {
  const [giving, setGiving] = useState<JointOnStand | null>(null);
  const cards = useCardsOf(build.id, useMay()('handle-cards')) ?? [];
  return (
    <main className="flex grow flex-col">
      <Head build={build} />
      <ul className="flex flex-col gap-10 p-7">
        {build.joints.map((joint) => (
          <li key={joint.id}>
            <JointCard build={build} joint={joint} cards={cards} onGive={() => setGiving(joint)} />
          </li>
        ))}
      </ul>
      {giving && <GivePanel build={build} joint={giving} onClose={() => setGiving(null)} />}
    </main>
  );
}

function Head({ build }: { build: BuildData }) {
  const may = useMay();
  const finish = useBuildCommand(() => finishBuild(build.id));
  const ship = useBuildCommand(() => shipBuild(build.id));
  const failed = finish.error ?? ship.error;
  return (
    <>
      <header className="flex items-end justify-between gap-6 border-b border-line px-7 py-5">
        <Title build={build} />
        <div className="flex items-center gap-4">
          <span className="text-lg font-semibold">{STATE_WORDS[build.state]}</span>
          {may('audit') && <ButtonLink to={`/audit/${build.id}`}>Audit sheet</ButtonLink>}
          {may('close-builds') && build.state === 'open' && (
            <Button
              look={build.joints.every((joint) => joint.run?.finished) ? 'main' : 'plain'}
              disabled={finish.isPending}
              onClick={() => finish.mutate(undefined)}
            >
              Finish the build
            </Button>
          )}
          {may('close-builds') && build.state === 'finished' && (
            <Button look="main" disabled={ship.isPending} onClick={() => ship.mutate(undefined)}>
              Ship it
            </Button>
          )}
        </div>
      </header>
      {failed && <Failure sentence={sentenceOf(failed)} />}
    </>
  );
}

function Title({ build }: { build: BuildData }) {
  const zone = useZone();
  return (
    <div>
      <h1 className="wide text-[32px] font-bold">{build.title}</h1>
      <p className="text-soft">
        {build.family}, {build.customer}, came in {day(build.opened_at, zone)}
        {build.finished_at !== null && `, finished ${day(build.finished_at, zone)}`}
        {build.shipped_at !== null && `, shipped ${day(build.shipped_at, zone)}`}
      </p>
    </div>
  );
}

type JointProps = { build: BuildData; joint: JointOnStand; cards: PaperCard[]; onGive: () => void };

function JointCard({ build, joint, cards, onGive }: JointProps) {
  const may = useMay();
  const takeBack = useBuildCommand(() => takeBackJob(joint.given?.id ?? ''));
  const { text, fault } = jointSentence(joint);
  return (
    <article>
      <div className="flex items-baseline justify-between gap-4">
        <h2 className="text-xl">{joint.name}</h2>
        {joint.revision && (
          <span className="text-soft">
            <RevisionLink revision={joint.revision} open={may('read-library')} />
          </span>
        )}
      </div>
      {joint.revision && <p className="text-lg">{joint.revision.line}</p>}
      <div className="mt-3 grid items-start gap-10 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
        <div>
          {joint.map && (
            <JointMap sketch={joint.map} marks={joint.run?.marks} detail="full" label={`${joint.name} of ${build.title}, with the marks that are on it`} />
          )}
        </div>
        <div className="flex flex-col gap-5">
          <p className={`text-xl font-semibold ${fault ? 'text-fault' : ''}`}>{text.charAt(0).toUpperCase() + text.slice(1)}.</p>
          <LeftWords joint={joint} />
          <Rounds joint={joint} />
          <Work joint={joint} open={build.state === 'open'} busy={takeBack.isPending} onGive={onGive} onTakeBack={() => takeBack.mutate(undefined)} />
          <OnPaper joint={joint} cards={cards} open={build.state === 'open'} />
        </div>
      </div>
      {takeBack.isError && <Failure sentence={sentenceOf(takeBack.error)} />}
    </article>
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

type WorkProps = { joint: JointOnStand; open: boolean; busy: boolean; onGive: () => void; onTakeBack: () => void };

/** Who works at it: given out, or taken back before it is begun. */
function Work({ joint, open, busy, onGive, onTakeBack }: WorkProps) {
  const mayGive = useMay()('give-work') && open;
  return (
    <div>
      {mayGive && joint.given === null && joint.options.length > 0 && (
        <Button look="main" onClick={onGive}>
          Give it to somebody
        </Button>
      )}
      {mayGive && joint.given !== null && joint.run === null && (
        <Button disabled={busy} onClick={onTakeBack}>
          Take it back
        </Button>
      )}
    </div>
  );
}
/** Round by round: what each brings every bolt to, and how many have it. */
function Rounds({ joint }: { joint: JointOnStand }) {
  const zone = useZone();
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
      {joint.given && (
        <div className="flex justify-between gap-6 border-b border-hair py-2">
          <dt className="text-soft">given to</dt>
          <dd>
            {joint.given.person}, {day(joint.given.at, zone)}
          </dd>
        </div>
      )}
    </dl>
  );
}
