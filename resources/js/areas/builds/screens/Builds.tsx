import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build } from '@/api/types';
import { count, day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { JointMap } from '@/ui/JointMap';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { EngineStand } from '../EngineStand';
import { OpenBuildPanel } from '../OpenBuildPanel';
import { STATE_WORDS, useBuilds } from '../queries';

/** The shop as it stands: engines on their stands, and below those that are done. */
export function Builds() {
  const may = useMay();
  const query = useBuilds();
  const [params, setParams] = useSearchParams();
  const opening = params.has('new');
  const setOpening = (on: boolean) => setParams(on ? { new: '' } : {}, { replace: !on });
  return (
    <main className="p-7">
      <div className="flex items-center justify-between">
        <h1 className="text-2xl">On the stands</h1>
        {may('open-builds') && (
          <Button look="main" onClick={() => setOpening(true)}>
            An engine comes in
          </Button>
        )}
      </div>
      <Loaded query={query}>
        {({ builds }) => (
          <>
            <Stands builds={builds.filter((b) => b.state === 'open')} />
            <Done builds={builds.filter((b) => b.state !== 'open')} />
          </>
        )}
      </Loaded>
      {opening && <OpenBuildPanel open onClose={() => setOpening(false)} />}
    </main>
  );
}

function Stands({ builds }: { builds: Build[] }) {
  if (builds.length === 0) return <Empty>No engine is on a stand. When one comes in, enter its serial and it stands here.</Empty>;
  return (
    <ul className="mt-5 grid grid-cols-2 gap-x-8 gap-y-9 lg:grid-cols-4">
      {builds.map((build) => (
        <li key={build.id}>
          <EngineStand build={build} />
        </li>
      ))}
    </ul>
  );
}

const FEW = 8;

function Done({ builds }: { builds: Build[] }) {
  const [all, setAll] = useState(false);
  if (builds.length === 0) return null;
  const shown = all ? builds : builds.slice(0, FEW);
  return (
    <section className="mt-10">
      <h2 className="text-lg">Finished and shipped</h2>
      <table className="mt-2 w-full">
        <TableHead columns={['serial', 'customer', ['joints', 'pl-3'], ['came in', 'text-right'], ['finished', 'pl-4 text-right'], ['now', 'pl-6'], '']} />
        <tbody>
          {shown.map((build) => (
            <DoneRow key={build.id} build={build} />
          ))}
        </tbody>
      </table>
      {builds.length > FEW && !all && (
        <Button className="mt-4" onClick={() => setAll(true)}>
          Show all {count(builds.length, 'engine')}
        </Button>
      )}
    </section>
  );
}

function DoneRow({ build }: { build: Build }) {
  const zone = useZone();
  return (
    <tr className="h-14 border-b border-hair">
      <td className="pr-3 font-semibold">
        <Link className="quiet" to={`/builds/${build.id}`}>
          {build.title}
        </Link>
      </td>
      <td>{build.customer}</td>
      <td className="pl-3">
        {build.joints.map((joint) => (
          <span key={joint.id} className="inline-block h-12 w-32 align-middle">
            {joint.map && <JointMap sketch={joint.map} marks={joint.run?.marks} detail="small" label={`${joint.name} of ${build.title}`} />}
          </span>
        ))}
      </td>
      <td className="text-right whitespace-nowrap text-soft">{day(build.opened_at, zone)}</td>
      <td className="pl-4 text-right whitespace-nowrap text-soft">{build.finished_at === null ? '–' : day(build.finished_at, zone)}</td>
      <td className="pl-6">{STATE_WORDS[build.state]}</td>
      <td className="pl-3 text-right whitespace-nowrap">
        <Link className="quiet" to={`/audit/${build.id}`}>
          audit sheet
        </Link>
      </td>
    </tr>
  );
}
