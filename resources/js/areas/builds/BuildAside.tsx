import { useState } from 'react';
import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build } from '@/api/types';
import { Problem } from '@/lib/problem';
import { calendarDay, day, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { FormPanel } from '@/ui/FormPanel';
import { RemoveButton } from '@/ui/RemoveButton';
import { AskedValues } from './AskedValues';
import { Carried } from './Carried';
import { FactsPanel } from './FactsPanel';
import { RestampPanel } from './RestampPanel';
import { BUILDS, STATE_WORDS, keepPicture, pictureOf, removePicture, useBuildCommand, useHandedOver } from './queries';

type Open = 'facts' | 'number' | 'picture' | null;

/** What is known of an engine beside its joints. What nobody has said is not there. */
export function BuildAside({ build, onCallOff }: { build: Build; onCallOff: () => void }) {
  const may = useMay();
  const [open, setOpen] = useState<Open>(null);
  const mayChange = may('open-builds') && build.state !== 'shipped';
  const nothingGiven = build.joints.every((joint) => joint.within !== null || (joint.given === null && joint.run === null));
  const everFitted = build.carries.some((one) => one.fitted !== null) || (build.subassembly?.been.length ?? 0) > 0;
  const close = () => setOpen(null);
  return (
    <aside aria-label="What is known of it" className="flex flex-col gap-6 border-line p-7 lg:border-l">
      <Known build={build} />
      <Carried build={build} />
      <AskedValues build={build} />
      <MetalState build={build} />
      <Numbers build={build} />
      <Pictures build={build} mayChange={mayChange} />
      {mayChange && (
        <div className="flex flex-col items-start gap-2">
          <Button small onClick={() => setOpen('facts')}>
            Say more of it
          </Button>
          <Button small onClick={() => setOpen('picture')}>
            Add a picture
          </Button>
          <Button small onClick={() => setOpen('number')}>
            It was stamped anew
          </Button>
          {nothingGiven && !everFitted && build.state !== 'finished' && (
            <Button small onClick={onCallOff}>
              Entered by mistake
            </Button>
          )}
        </div>
      )}
      {open === 'facts' && <FactsPanel build={build} onClose={close} />}
      {open === 'number' && <RestampPanel build={build} onClose={close} />}
      {open === 'picture' && <PicturePanel build={build} onClose={close} />}
    </aside>
  );
}

/** How its metal stands over all joints that are worked, and how it was last handed over. */
function MetalState({ build }: { build: Build }) {
  const zone = useZone();
  const may = useMay();
  const last = useHandedOver(build.id, may('give-work') && build.state === 'open');
  if (build.metal.length === 0 && !last) return null;
  return (
    <section>
      <h2 className="text-sm text-soft">how its metal stands</h2>
      <ul>
        {build.metal.map((line) => (
          <li key={line.joint + line.says} className={line.grave ? 'font-semibold text-fault' : ''}>
            {line.joint}: {line.says}
          </li>
        ))}
      </ul>
      {last && (
        <p className="mt-2 border-l-4 border-hair pl-3 text-[15px]">
          Handed over by {last.from} to {last.to}
          {last.at !== null && `, ${dayAndTime(last.at, zone)}`}
          {last.said !== '' && <span className="block">“{last.said}”</span>}
        </p>
      )}
    </section>
  );
}

/** What was machined at a joint stands beside that joint. */
function Known({ build: { facts, late } }: { build: Build }) {
  const lines: [string, string, boolean?][] = [
    ['must leave by', facts.due_on === null ? '' : calendarDay(facts.due_on), late],
    ['waits for', facts.waits_for],
    ['order', facts.order_number],
    ['variant', facts.variant],
    ['came in', facts.core],
    ...facts.machining.filter((m) => m.joint === null).map((m): [string, string] => ['machined', m.at === '' ? m.words : `${m.words}, ${m.at}`]),
    ['note', facts.note],
  ];
  const said = lines.filter(([, text]) => text !== '');
  if (said.length === 0) return <p className="text-soft">Nobody has said anything of it yet.</p>;
  return (
    <dl className="flex flex-col gap-2.5">
      {said.map(([name, text, fault], i) => (
        <div key={i}>
          <dt className="text-sm text-soft">{name}</dt>
          <dd className={`break-words ${fault ? 'font-semibold text-fault' : ''}`}>
            {text}
            {fault && ', and is here'}
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** Other numbers that it bore, and its other lives. */
function Numbers({ build }: { build: Build }) {
  if (build.old_serials.length === 0 && build.other_builds.length === 0) return null;
  return (
    <dl className="flex flex-col gap-2.5">
      {build.old_serials.map((old) => (
        <div key={old.serial}>
          <dt className="text-sm text-soft">also numbered</dt>
          <dd>
            <b className="font-semibold">{old.serial}</b>
            {old.why !== '' && <span className="block text-[15px] text-soft">{old.why}</span>}
          </dd>
        </div>
      ))}
      {build.other_builds.length > 0 && (
        <div>
          <dt className="text-sm text-soft">was here as</dt>
          {build.other_builds.map((other) => (
            <dd key={other.id}>
              <Link to={`/builds/${other.id}`}>{other.title}</Link>, {STATE_WORDS[other.state]}
            </dd>
          ))}
        </div>
      )}
    </dl>
  );
}

function Pictures({ build, mayChange }: { build: Build; mayChange: boolean }) {
  const zone = useZone();
  const remove = useBuildCommand(removePicture);
  if (build.pictures.length === 0) return null;
  return (
    <ul className="flex flex-col gap-4">
      {build.pictures.map((picture) => (
        <li key={picture.id}>
          <figure>
            <a href={pictureOf(picture.id)} target="_blank" rel="noreferrer">
              <img loading="lazy" src={pictureOf(picture.id)} alt={picture.shows} className="max-h-48 w-full rounded border border-hair object-cover" />
            </a>
            <figcaption className="mt-1 flex items-start justify-between gap-2 text-[15px]">
              <span>
                {picture.shows}
                <span className="text-soft">
                  , {picture.person}, {day(picture.at, zone)}
                </span>
              </span>
              {mayChange && <RemoveButton label={`Take away: ${picture.shows}`} onClick={() => remove.mutate(picture.id)} />}
            </figcaption>
          </figure>
        </li>
      ))}
    </ul>
  );
}

function PicturePanel({ build, onClose }: { build: Build; onClose: () => void }) {
  const [shows, setShows] = useState('');
  const [file, setFile] = useState<File | null>(null);
  return (
    <FormPanel
      title={`A picture of ${build.title}`}
      verb="Keep it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => (file ? keepPicture(build.id, shows.trim(), file) : Promise.reject(new Problem('bad-value', 'Choose a picture first, PNG or JPEG.', 0)))}
    >
      <Field label="What is to be seen on it" value={shows} onChange={(e) => setShows(e.target.value)} placeholder="main bearing 3, as it came in" />
      <FileField label="PNG or JPEG, at most 20 MB" accept=".png,.jpg,.jpeg" onChoose={setFile} />
    </FormPanel>
  );
}
