import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { answerOf, api, asForm } from '@/api/client';
import type { ImportSheet } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { LIBRARY } from '../queries';

const POLL_MS = 700;

/** A file is looked at first; nothing is written before somebody has seen what it would do. */
export function ImportFile() {
  const [params, setParams] = useSearchParams();
  const id = params.get('import');
  const [file, setFile] = useState<File | null>(null);
  const [only, setOnly] = useState('');
  const look = useMutation({
    mutationFn: (chosen: File) => answerOf(api.POST('/library/imports', { body: { file: chosen, only: only.trim() || undefined }, bodySerializer: asForm })),
    onSuccess: (sheet) => setParams({ import: sheet.id }),
  });
  return (
    <main className="px-7 py-5">
      <h1 className="text-2xl">Import a file</h1>
      <form
        className="mt-3 flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (file) look.mutate(file);
        }}
      >
        <div className="w-96">
          <FileField label="A procedure, a family or a library, as JSON" accept=".json,application/json" onChoose={setFile} />
        </div>
        <div className="w-56">
          <Field label="Only this family, where wanted" value={only} placeholder="Tarn TN3" onChange={(e) => setOnly(e.target.value)} />
        </div>
        <Button type="submit" disabled={!file || look.isPending}>
          {look.isPending ? 'Looking …' : 'Look at it'}
        </Button>
      </form>
      <Refusal of={look} className="mt-3" />
      {id !== null && <Outcome id={id} />}
    </main>
  );
}

function Outcome({ id }: { id: string }) {
  const query = useQuery({
    queryKey: ['import', id],
    queryFn: () => answerOf(api.GET('/library/imports/{import}', { params: { path: { import: id } } })),
    refetchInterval: (q) => (q.state.data?.state === 'queued' ? POLL_MS : false),
  });
  return <Loaded query={query}>{(sheet) => <Looked sheet={sheet} />}</Loaded>;
}

/** What is in the file, what would be written, and how far the writing has come. */
function Looked({ sheet }: { sheet: ImportSheet }) {
  const write = useCommand(
    (id: string) => answerOf(api.POST('/library/imports/{import}/write', { params: { path: { import: id } } })),
    ['import', sheet.id],
    LIBRARY,
  );
  const refused = sheet.rows.filter((r) => r.what === 'refused').length;
  const fresh = sheet.rows.filter((r) => r.what === 'new' || r.what === 'changed').length;
  return (
    <section className="mt-7">
      <h2 className="text-lg">{sheet.name}</h2>
      <p className="mt-1" role="status">
        {summary(sheet, refused, fresh)}
      </p>
      {sheet.state === 'queued' && <progress className="mt-2 h-3 w-96" max={Math.max(sheet.total, 1)} value={sheet.done} aria-label="How far it has come" />}
      {sheet.why !== null && <p className="mt-1 text-fault">{sheet.why}</p>}
      {sheet.state === 'looked' && fresh > 0 && (
        <Button look="main" className="mt-3" disabled={write.isPending} onClick={() => write.mutate(sheet.id)}>
          Write {count(fresh, 'procedure')}
        </Button>
      )}
      <Refusal of={write} className="mt-2" />
      <Rows sheet={sheet} />
    </section>
  );
}
function summary(sheet: ImportSheet, refused: number, fresh: number): string {
  switch (sheet.state) {
    case 'looked':
      return [
        fresh === 0
          ? 'Nothing in it is new.'
          : `${count(fresh, 'procedure')} would be written, as drafts: nobody signs by importing. Nothing has been written yet.`,
        refused === 0 ? '' : `${count(refused, 'procedure')} cannot be taken and would be left out; why stands below.`,
      ]
        .filter((part) => part !== '')
        .join(' ');
    case 'queued':
      return `Writing: ${String(sheet.done)} of ${String(sheet.total)}. It goes on when this page is left.`;
    case 'done':
      return `Written: ${count(fresh, 'procedure')}, as drafts.`;
    case 'failed':
      return sheet.done === 0
        ? 'No procedure was written.'
        : `Stopped after ${String(sheet.done)} of ${String(sheet.total)}. What was written stands, as drafts; look at the file again to bring in the rest.`;
  }
}

const WORDS = { new: 'new', changed: 'changed', same: 'unchanged', refused: 'refused' } as const;

function Rows({ sheet }: { sheet: ImportSheet }) {
  return (
    <table className="mt-4 w-full">
      <TableHead columns={['procedure', 'what', 'why']} />
      <tbody>
        {sheet.rows.map((row) => (
          <tr key={row.name} className="border-b border-hair align-top">
            <td className="py-1.5 pr-5">
              {row.procedure === null && sheet.state !== 'done' ? (
                row.name
              ) : (
                <Link className="quiet" to={`/library?find=${encodeURIComponent(row.name.split(', ').at(-1) ?? '')}`}>
                  {row.name}
                </Link>
              )}
            </td>
            <td className={`py-1.5 pr-5 ${row.what === 'refused' ? 'font-semibold text-fault' : row.what === 'same' ? 'text-soft' : 'font-semibold'}`}>
              {WORDS[row.what]}
            </td>
            <td className="py-1.5 text-soft">{row.why}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
