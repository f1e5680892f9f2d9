import { Link } from 'react-router';
import { useMay } from '@/api/session';
import type { Stand, Stands, StandsAs } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Empty, Loaded } from '@/ui/states';
import { LargeStand } from '../EngineStand';
import { OpenBuildPanel } from '../OpenBuildPanel';
import { StandRow, byDue } from '../StandRow';
import { mapOf, useStands } from '../queries';
import { useOpening } from '../useOpening';

const ROWS: { as: StandsAs; name: string }[] = [
  { as: 'at_a_bench', name: 'At a bench' },
  { as: 'on_a_hook', name: 'On a hook' },
  { as: 'free_to_give', name: 'Free to give' },
  { as: 'waiting', name: 'Waiting' },
  { as: 'done', name: 'Done' },
  { as: 'come_in', name: 'Come in' },
];

/** The shop as it stands: what needs a hand first, then every engine in the row of what it waits for. */
export function Builds() {
  const may = useMay();
  const query = useStands();
  const [opening, setOpening] = useOpening();
  return (
    <main className="px-7 py-5">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-baseline gap-x-6">
          <h1 className="text-2xl">On the stands</h1>
          {query.data && <p className="text-lg">{sentence(query.data.builds)}</p>}
        </div>
        {may('open-builds') && (
          <div className="flex items-center gap-5">
            <Link to="/builds/come-in" className="quiet">
              Many at once
            </Link>
            <Button look="main" onClick={() => setOpening(true)}>
              An engine comes in
            </Button>
          </div>
        )}
      </div>
      <Loaded query={query}>{(data) => <Shop {...data} />}</Loaded>
      {opening && <OpenBuildPanel open onClose={() => setOpening(false)} />}
    </main>
  );
}

function sentence(builds: Stand[]): string {
  if (builds.length === 0) return '';
  const needing = builds.filter((b) => b.as === 'needs_a_hand').length;
  const late = builds.filter((b) => b.late).length;
  const hand =
    needing === 0
      ? 'none needs a hand'
      : `${needing === 1 ? 'one needs' : `${String(needing)} need`} a hand before anything else can be done to ${needing === 1 ? 'it' : 'them'}`;
  return `${count(builds.length, 'engine')}; ${hand}${late === 0 ? '' : `, ${late === 1 ? 'one is' : `${String(late)} are`} late`}.`;
}

function Shop({ builds, maps }: Stands) {
  if (builds.length === 0) return <Empty>No engine is here. When one comes in, enter its serial and it stands here.</Empty>;
  const standing = (as: StandsAs) => builds.filter((b) => b.as === as).sort(byDue);
  const needing = standing('needs_a_hand');
  return (
    <>
      {needing.length > 0 && (
        <ul aria-label="Needs a hand" className="mt-5 grid grid-cols-2 gap-x-8 gap-y-7 pb-6 md:grid-cols-3 xl:grid-cols-5">
          {needing.map((stand) => (
            <li key={stand.id}>
              <LargeStand stand={stand} map={mapOf(maps, stand)} />
            </li>
          ))}
        </ul>
      )}
      {ROWS.map(({ as, name }) => (
        <StandRow key={as} name={name} stands={standing(as)} maps={maps} />
      ))}
      <p className="border-t border-hair pt-2.5 text-sm text-soft">
        The joint in hand is drawn with its paint; a crossed bar is a joint that is done, a dashed one stands outside the record, an open one is to come. Within
        a row the engine that must leave first stands first.
      </p>
    </>
  );
}
