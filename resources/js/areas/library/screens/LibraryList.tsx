import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMay } from '@/api/session';
import type { LibraryFamily } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { Choice } from '@/ui/Choice';
import { Loaded } from '@/ui/states';
import { NewFamilyPanel } from '../NewFamilyPanel';
import { ProcedureTable } from '../ProcedureTable';
import { useFamilies, useProcedureList } from '../queries';
import { STATE_FILTERS } from '../words';

/** What is asked of the list stands in the address; a new question begins at its first page. */
function useAsk() {
  const [params, setParams] = useSearchParams();
  const ask = (field: string) => (value: string) => {
    const next = new URLSearchParams(params);
    next.delete('page');
    if (value === '' || value === 'all') next.delete(field);
    else next.set(field, value);
    setParams(next, { replace: true });
  };
  return { params, ask };
}

/** Every procedure of every family on one line, found by words or by a value. */
export function LibraryList() {
  const { params, ask } = useAsk();
  const query = useProcedureList(Object.fromEntries(params));
  const families = useFamilies().data?.families ?? [];
  return (
    <main className="px-7 py-5">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3">
        <h1 className="mr-auto text-2xl">Library</h1>
        <input
          aria-label="Find procedures"
          placeholder="49 lbf·ft, thread, marking, source, tool …"
          className="h-[42px] w-80 rounded border border-line bg-sheet px-3 placeholder:text-soft"
          value={params.get('find') ?? ''}
          maxLength={80}
          onChange={(e) => ask('find')(e.target.value)}
        />
        <Filter
          label="Family"
          value={params.get('family')}
          onAsk={ask('family')}
          options={[{ value: 'all', text: 'all families' }, ...families.map((f) => ({ value: f.id, text: f.name }))]}
        />
        <Filter label="State" value={params.get('state')} onAsk={ask('state')} options={STATE_FILTERS} />
      </div>
      <Actions families={families} family={params.get('family')} />
      <Loaded query={query}>
        {(listing) => (
          <>
            <p className="mt-3 text-soft" role="status">
              {count(listing.total, 'procedure')}
              {listing.asked !== null && ` that ask for ${listing.asked}, in whatever unit it is printed`}
            </p>
            <ProcedureTable rows={listing.procedures} narrowed={params.size > 0} />
            <Pages page={listing.page} pages={listing.pages} params={params} />
          </>
        )}
      </Loaded>
    </main>
  );
}

/** What can be begun here, brought in and taken away. */
function Actions({ families, family }: { families: LibraryFamily[]; family: string | null }) {
  const may = useMay();
  const [adding, setAdding] = useState(false);
  return (
    <>
      <p className="no-print mt-4 flex flex-wrap items-center gap-3">
        {may('draft-procedures') && (
          <>
            <ButtonLink main to="/library/write">
              Write a procedure
            </ButtonLink>
            <Button onClick={() => setAdding(true)}>Families and joints</Button>
            <Link className="quiet ml-3" to="/library/import">
              Import a file
            </Link>
          </>
        )}
        <a className="quiet ml-3" href={`/api/library/export${family === null ? '' : `?family=${family}`}`} download>
          Save {family === null ? 'the library' : 'this family'} as a file
        </a>
      </p>
      {adding && <NewFamilyPanel families={families} onClose={() => setAdding(false)} />}
    </>
  );
}
type Asked = { label: string; value: string | null; onAsk: (value: string) => void; options: { value: string; text: string }[] };

function Filter({ label, value, onAsk, options }: Asked) {
  return (
    <div className="w-44">
      <Choice label={label} hideLabel placeholder={label} value={value ?? 'all'} onChange={onAsk} options={options} />
    </div>
  );
}

function Pages({ page, pages, params }: { page: number; pages: number; params: URLSearchParams }) {
  if (pages < 2) return null;
  const to = (n: number) => {
    const next = new URLSearchParams(params);
    next.set('page', String(n));
    return `?${next.toString()}`;
  };
  return (
    <nav aria-label="Pages" className="mt-4 flex gap-4">
      {page > 1 && (
        <Link className="quiet" to={to(page - 1)}>
          Before
        </Link>
      )}
      <span className="text-soft">
        page {page} of {pages}
      </span>
      {page < pages && (
        <Link className="quiet" to={to(page + 1)}>
          Next
        </Link>
      )}
    </nav>
  );
}
