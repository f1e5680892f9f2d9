import { useSearchParams } from 'react-router';
import { useMay } from '@/api/session';
import type { PeopleAndBenches } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { Empty, Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { AddPersonPanel } from '../people/AddPersonPanel';
import { PersonSide } from '../people/PersonSide';
import { Choose, SkillTable } from '../people/SkillTable';
import { PEOPLE, type Person, type RoleName, letSkillsDecide, usePeople } from '../queries';
import { ROLES, standsAs, worksAtBench } from '../words';

/** Everybody who works here, what each may do alone, and one of them in full. */
export function PeopleBoard() {
  return <Loaded query={usePeople()}>{(sheet) => <Board sheet={sheet} />}</Loaded>;
}

function Board({ sheet }: { sheet: PeopleAndBenches }) {
  const [params] = useSearchParams();
  const here = sheet.people.filter((p) => p.left_at === null);
  const bench = here.filter(worksAtBench);
  const chosen = sheet.people.find((p) => p.id === params.get('person'));
  return (
    <div className="grid grow lg:grid-cols-[minmax(0,1fr)_26rem]">
      <main className="min-w-0 px-7 py-4">
        <Head summary={sheet.summary} />
        {bench.length === 0 ? (
          <Empty>Nobody works at a bench yet. Add somebody with a badge; what they may do is signed afterwards.</Empty>
        ) : (
          <SkillTable people={bench} families={sheet.families} alone={sheet.alone} chosen={chosen?.id ?? null} />
        )}
        {bench.some((p) => p.skills.length > 0) && (
          <p className="mt-2 text-sm text-soft">
            Two strokes: signed. One thin stroke: under a supervisor. A dashed bar: ends within two weeks. Pale, with a broken edge: ended.
          </p>
        )}
        {bench.length > 0 && <Decides decides={sheet.skills_decide} />}
        <Others people={sheet.people} customers={sheet.customers} />
      </main>
      <aside className="border-l border-line px-6 py-4" aria-label="One of them">
        {chosen === undefined ? (
          <p className="text-soft">Choose somebody: what they may do, how they come in, and what is in their hands stands here.</p>
        ) : (
          <PersonSide key={chosen.id} person={chosen} sheet={sheet} />
        )}
      </aside>
    </div>
  );
}

function Head({ summary }: { summary: string[] }) {
  const may = useMay();
  const [params, setParams] = useSearchParams();
  const adding = params.get('add');
  const put = (value: string | null) => {
    if (value === null) params.delete('add');
    else params.set('add', value);
    setParams(params, { replace: true });
  };
  return (
    <>
      <div className="flex items-start justify-between gap-6">
        <h1 className="text-2xl">People</h1>
        {may('keep-people') && <Button onClick={() => put('somebody')}>Somebody new</Button>}
      </div>
      {summary.length > 0 && <Summary lines={summary} />}
      {adding !== null && <AddPersonPanel begin={ROLES.some((r) => r.value === adding) ? (adding as RoleName) : null} onClose={() => put(null)} />}
    </>
  );
}

/** Is what is signed told only, or does it decide? */
function Decides({ decides }: { decides: boolean }) {
  const may = useMay();
  const put = useCommand(letSkillsDecide, PEOPLE);
  return (
    <div className="mt-3 max-w-4xl">
      <p>
        {decides
          ? 'Nobody is given or begins what is not signed of them. Who learns it, and whose signature has ended, works under a supervisor signed in on the same run, and both sign.'
          : 'What is signed here is told only: anybody at a bench may be given anything.'}
        {may('set-shop') && (
          <Button small className="ml-3" disabled={put.isPending} onClick={() => put.mutate(!decides)}>
            {decides ? 'Tell it only' : 'Let it decide'}
          </Button>
        )}
      </p>
      <Refusal of={put} className="mt-1" />
    </div>
  );
}

/** What is most pressing in full; the rest on demand. */
function Summary({ lines }: { lines: string[] }) {
  const [first, ...rest] = lines;
  if (rest.length === 0) return <p className="mt-1 mb-3 max-w-3xl">{first}</p>;
  return (
    <details className="mt-1 mb-3 max-w-3xl">
      <summary className="cursor-pointer">
        {first} <span className="text-soft underline decoration-hair underline-offset-4">{rest.length} more</span>
      </summary>
      {rest.map((line) => (
        <p key={line} className="pl-4 text-soft">
          {line}
        </p>
      ))}
    </details>
  );
}

function Others({ people, customers }: { people: Person[]; customers: PeopleAndBenches['customers'] }) {
  const here = people.filter((p) => p.left_at === null && !worksAtBench(p));
  const outside = here.filter((p) => p.customer !== null);
  const desk = here.filter((p) => p.customer === null);
  const left = people.filter((p) => p.left_at !== null);
  const owner = (p: Person) => `reads ${customers.find((c) => c.id === p.customer)?.name ?? 'one customer'}’s engines`;
  return (
    <div className="mt-6 grid gap-x-12 gap-y-6 md:grid-cols-2">
      <Group title="At the desk" people={desk} about={standsAs} empty="Nobody." />
      <Group title="From outside" people={outside} about={owner} empty="No customer reads here yet." />
      {left.length > 0 && <Group title="Have left" people={left} about={() => 'what they signed stays theirs'} empty="" />}
    </div>
  );
}

function Group({ title, people, about, empty }: { title: string; people: Person[]; about: (p: Person) => string; empty: string }) {
  return (
    <section aria-label={title}>
      <h2 className="border-b border-line pb-1 text-lg font-semibold">{title}</h2>
      {people.length === 0 && <p className="py-2 text-soft">{empty}</p>}
      {people.map((p) => (
        <p key={p.id} className="flex h-10 items-center justify-between gap-4 border-b border-hair">
          <Choose person={p} />
          <span className="truncate text-soft">{about(p)}</span>
        </p>
      ))}
    </section>
  );
}
