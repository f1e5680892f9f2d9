import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import { useMay, useMe } from '@/api/session';
import type { Source, Standard } from '@/api/types';
import { Button } from '@/ui/Button';
import { Empty, Loaded } from '@/ui/states';
import { PaperPanel } from '../PaperPanel';
import { SignPanel } from '@/ui/SignPanel';
import { TableHead } from '@/ui/TableHead';
import { RiskRulesSection } from '../RiskRulesSection';
import { SourcePanel } from '../SourcePanel';
import { StandardPanel } from '../StandardPanel';
import { StandardTable } from '../StandardTable';
import { LIBRARY, useSources } from '../queries';
import { SOURCE_KINDS } from '../words';

type Open = { what: 'source'; source: Source | null } | { what: 'paper'; source: Source } | { what: 'standard' } | { what: 'sign'; standard: Standard } | null;

/** What every figure rests on: the papers, and the shop's windows for figures that are printed bare. */
export function Sources() {
  const me = useMe();
  const query = useSources();
  const may = useMay();
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
  const write = may('draft-procedures');
  return (
    <main className="px-7 py-5">
      <Loaded query={query}>
        {({ sources, standards }) => (
          <>
            <Heading text="Sources" verb={write ? 'Put a source on record' : null} onAct={() => setOpen({ what: 'source', source: null })} />
            <SourceTable sources={sources} write={write} onOpen={setOpen} />
            <Heading text="Window standards" lower verb={write ? 'Ask for a standard' : null} onAct={() => setOpen({ what: 'standard' })} />
            <StandardTable standards={standards} sign={may('approve-procedures')} onSign={(standard) => setOpen({ what: 'sign', standard })} />
            <RiskRulesSection />
            {open?.what === 'source' && <SourcePanel source={open.source} onClose={close} />}
            {open?.what === 'paper' && <PaperPanel source={open.source} onClose={close} />}
            {open?.what === 'standard' && <StandardPanel sources={sources} onClose={close} />}
            {open?.what === 'sign' && (
              <SignPanel
                refreshes={LIBRARY}
                signer={me.name}
                title={`Sign ${open.standard.code}`}
                meaning={`Approved as the shop’s window for a bare ${open.standard.quantity}: ± ${open.standard.tolerance}.`}
                verb="Sign"
                onClose={close}
                command={({ password }) =>
                  answerOf(api.POST('/library/standards/{standard}/approve', { params: { path: { standard: open.standard.id } }, body: { password } }))
                }
              />
            )}
          </>
        )}
      </Loaded>
    </main>
  );
}

type HeadingProps = { text: string; lower?: boolean; verb: string | null; onAct: () => void };

function Heading({ text, lower = false, verb, onAct }: HeadingProps) {
  const Level = lower ? 'h2' : 'h1';
  return (
    <div className={`flex items-center justify-between ${lower ? 'mt-9' : ''}`}>
      <Level className="text-2xl">{text}</Level>
      {verb !== null && (
        <Button small onClick={onAct}>
          {verb}
        </Button>
      )}
    </div>
  );
}

function SourceTable({ sources, write, onOpen }: { sources: Source[]; write: boolean; onOpen: (open: Open) => void }) {
  if (sources.length === 0) return <Empty>Manuals, hardware sheets and shop standards belong here, each with its edition and where it is kept.</Empty>;
  return (
    <table className="mt-3 w-full">
      <TableHead columns={['code', 'title', 'edition', 'date', 'of', 'kept', ['cited by', 'pr-6 text-right'], 'paper', ...(write ? [''] : [])]} />
      <tbody>
        {sources.map((s) => (
          <SourceRow key={s.id} source={s} write={write} onOpen={onOpen} />
        ))}
      </tbody>
    </table>
  );
}

function SourceRow({ source: s, write, onOpen }: { source: Source; write: boolean; onOpen: (open: Open) => void }) {
  return (
    <tr className="h-10 border-b border-hair">
      <td className="pr-4 font-semibold whitespace-nowrap">{s.code}</td>
      <td className="pr-4">
        {s.title}
        {s.superseded_by !== null && <span className="block text-sm text-fault">superseded by {s.superseded_by}</span>}
      </td>
      <td className="pr-4">{s.edition}</td>
      <td className="pr-4 whitespace-nowrap">{s.date}</td>
      <td className="pr-4 text-soft">{SOURCE_KINDS[s.kind] ?? s.kind}</td>
      <td className="pr-4 text-soft">{s.kept}</td>
      <td className="pr-6 text-right">{s.cited_by}</td>
      <td className="whitespace-nowrap">
        <Paper source={s} onAdd={write ? () => onOpen({ what: 'paper', source: s }) : undefined} />
      </td>
      {write && (
        <td className="text-right">
          <Small text="change" label={`Change ${s.code}`} onClick={() => onOpen({ what: 'source', source: s })} />
        </td>
      )}
    </tr>
  );
}

function Paper({ source: s, onAdd }: { source: Source; onAdd: (() => void) | undefined }) {
  if (s.file_name !== null)
    return (
      <a className="quiet" href={`/api/library/sources/${s.id}/paper`} download>
        {s.file_type === 'application/pdf' ? 'PDF' : 'picture'}
      </a>
    );
  return onAdd ? <Small text="add it" label={`Add the paper of ${s.code}`} onClick={onAdd} /> : '–';
}

function Small({ text, label, onClick }: { text: string; label: string; onClick: () => void }) {
  return (
    <button type="button" aria-label={label} className="underline decoration-hair underline-offset-4" onClick={onClick}>
      {text}
    </button>
  );
}
