import { useMay } from '@/api/session';
import type { Stand, Stands, StandsAs } from '@/api/types';
import { Button } from '@/ui/Button';
import { Empty, Loaded } from '@/ui/states';
import { OpenSubassemblyPanel } from '../OpenSubassemblyPanel';
import { StandRow, byDue } from '../StandRow';
import { useSubassemblies } from '../queries';
import { useOpening } from '../useOpening';

const is = (as: StandsAs) => (one: Stand) => one.as === as;
/** Every joint of it is done: somebody has said that it is finished, or not yet. */
const isReady = (one: Stand) => one.as === 'done' && one.state === 'finished';
const isToFinish = (one: Stand) => one.as === 'done' && one.state !== 'finished';

const ROWS: { name: string; has: (one: Stand) => boolean }[] = [
  { name: 'Needs a hand', has: is('needs_a_hand') },
  { name: 'At a bench', has: is('at_a_bench') },
  { name: 'On a hook', has: is('on_a_hook') },
  { name: 'Free to give', has: is('free_to_give') },
  { name: 'Waiting', has: is('waiting') },
  { name: 'Every joint done', has: isToFinish },
  { name: 'Ready to fit', has: isReady },
  { name: 'In an engine', has: is('fitted') },
];

/** Heads and short blocks that are tightened by themselves: those that wait for an engine, and those that are in one. */
export function Subassemblies() {
  const may = useMay();
  const query = useSubassemblies();
  const [opening, setOpening] = useOpening();
  return (
    <main className="px-7 py-5">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-baseline gap-x-6">
          <h1 className="text-2xl">Heads and short blocks</h1>
          {query.data && <p className="text-lg">{sentence(query.data.builds)}</p>}
        </div>
        {may('open-builds') && (
          <Button look="main" onClick={() => setOpening(true)}>
            One gets a number
          </Button>
        )}
      </div>
      <Loaded query={query}>{(data) => <Shelf {...data} />}</Loaded>
      {opening && <OpenSubassemblyPanel onClose={() => setOpening(false)} />}
    </main>
  );
}

function sentence(all: Stand[]): string {
  if (all.length === 0) return '';
  const [ready, fitted] = [all.filter(isReady).length, all.filter(is('fitted')).length];
  const worked = all.length - ready - fitted;
  const are = (n: number) => (n === 1 ? 'one is' : `${String(n)} are`);
  const parts = [
    ready > 0 && `${are(ready)} ready to fit`,
    worked > 0 && `${are(worked)} not finished`,
    fitted > 0 && `${are(fitted)} in ${fitted === 1 ? 'an engine' : 'engines'}`,
  ];
  const said = parts.filter((part) => part !== false).join(', ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

function Shelf({ builds, maps }: Stands) {
  if (builds.length === 0)
    return (
      <Empty>
        None has a number of its own. Give one a number, and its joints are tightened before it has an engine; or take one off an engine, on that one’s page.
      </Empty>
    );
  return (
    <>
      <div className="h-4" />
      {ROWS.map(({ name, has }) => (
        <StandRow key={name} name={name} stands={builds.filter(has).sort(byDue)} maps={maps} />
      ))}
      <p className="border-t border-hair pt-2.5 text-sm text-soft">
        A bar is a joint that it carries: crossed when it is done, dashed when it stands outside the record. What it carries goes with it into an engine, and
        off it again.
      </p>
    </>
  );
}
