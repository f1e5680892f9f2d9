import { useState } from 'react';
import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Change, ProcedureSheet, RevisionSheet } from '@/api/types';
import { day } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { TableHead } from '@/ui/TableHead';
import { Loaded } from '@/ui/states';
import { PermitLines } from '../PermitLines';
import { useChanges, useMadeTo, useProcedure } from '../queries';
import { STATES } from '../words';
import { ChangeList } from './ChangeList';
import { BuildsUnderRevision } from './BuildsUnderRevision';

/** How it came to be so: revisions, what changed, sisters, permits, and the builds made to it. */
export function HistoryView({ sheet }: { sheet: RevisionSheet }) {
  const [shown, setShown] = useState<Change | null>(null);
  const [against, setAgainst] = useState(sheet.compared_with?.id ?? null);
  const letter = sheet.revisions.find((r) => r.id === against)?.letter;
  const procedure = useProcedure(sheet.procedure);
  const may = useMay();
  return (
    <div className="grid grow grid-cols-1 lg:grid-cols-2">
      <div className="px-7 py-5 lg:border-r lg:border-line">
        <h2 className="text-lg">Revisions</h2>
        <Revisions
          sheet={sheet}
          against={against}
          onCompare={(id) => {
            setAgainst(id);
            setShown(null);
          }}
        />
        <h2 className="mt-6 text-lg">{letter === undefined ? 'What changed' : `What changed against revision ${letter}`}</h2>
        {against === null ? <p className="mt-1 text-soft">This is the first revision.</p> : <Changes sheet={sheet} against={against} onShow={setShown} />}
        {shown && (
          <div className="mt-3">
            <JointMap sketch={sheet.sketch} detail="full" picked={shown.positions} label={`Where it changed: ${shown.sentence}`} />
          </div>
        )}
      </div>
      <div className="px-7 py-5">
        <Loaded query={procedure}>{(p) => <Relations procedure={p} />}</Loaded>
        {may('audit') && <MadeTo revision={sheet.id} letter={sheet.letter} />}
        {may('audit') && sheet.state === 'approved' && sheet.compared_with && <MadeTo revision={sheet.compared_with.id} letter={sheet.compared_with.letter} />}
      </div>
    </div>
  );
}

function Changes({ sheet, against, onShow }: { sheet: RevisionSheet; against: string; onShow: (change: Change) => void }) {
  return <Loaded query={useChanges(against, sheet.id)}>{({ changes }) => <ChangeList changes={changes} onShow={onShow} />}</Loaded>;
}

type Listed = { sheet: RevisionSheet; against: string | null; onCompare: (revision: string) => void };

function Revisions({ sheet, against, onCompare }: Listed) {
  return (
    <table className="mt-1 w-full">
      <TableHead columns={[['revision', 'pr-4'], 'state', ['written by', 'pr-4'], 'signed by', '']} />
      <tbody>
        {sheet.revisions.map((r) => (
          <RevisionRow key={r.id} revision={r} here={r.id === sheet.id} compared={r.id === against} onCompare={() => onCompare(r.id)} />
        ))}
      </tbody>
    </table>
  );
}

type RowProps = { revision: RevisionSheet['revisions'][number]; here: boolean; compared: boolean; onCompare: () => void };

function RevisionRow({ revision: r, here, compared, onCompare }: RowProps) {
  const zone = useZone();
  return (
    <tr className="border-b border-hair align-top">
      <td className="py-1.5">
        {here ? (
          <b>{r.letter}</b>
        ) : (
          <Link className="quiet" to={`/library/${r.id}`}>
            {r.letter}
          </Link>
        )}
      </td>
      <td className="py-1.5">
        {STATES[r.state]}
        {r.superseded_at !== null && <span className="block text-sm text-soft">{day(r.superseded_at, zone)}</span>}
        {r.remark !== null && <span className="block text-sm text-soft">{r.remark}</span>}
      </td>
      <td className="py-1.5">{r.author ?? 'name blanked'}</td>
      <td className="py-1.5">
        {r.signature ?? '–'}
        {r.approved_at !== null && <span className="block text-sm text-soft">{day(r.approved_at, zone)}</span>}
      </td>
      <td className="py-1.5 text-right">
        {!here && !compared && (
          <button type="button" aria-label={`Compare with revision ${r.letter}`} className="underline decoration-hair underline-offset-4" onClick={onCompare}>
            compare
          </button>
        )}
      </td>
    </tr>
  );
}

function Relations({ procedure }: { procedure: ProcedureSheet }) {
  const { sister, permits } = procedure;
  return (
    <>
      {procedure.variant !== null && <p className="mb-4">For {procedure.variant} only.</p>}
      {sister && (
        <section className="mb-6">
          <h2 className="text-lg">
            Against its sister,{' '}
            {sister.theirs === null ? (
              sister.title
            ) : (
              <Link className="quiet" to={`/library/${sister.theirs}`}>
                {sister.title}
              </Link>
            )}
          </h2>
          {sister.theirs !== null && sister.ours !== null ? (
            <ChangeList changes={sister.changes} />
          ) : (
            <p className="mt-1 text-soft">One of the two has no revision yet.</p>
          )}
        </section>
      )}
      <section className="mb-6">
        <h2 className="text-lg">Deviation permits</h2>
        {permits.length === 0 ? <p className="mt-1 text-soft">None was ever asked for.</p> : <PermitLines permits={permits} />}
      </section>
    </>
  );
}

function MadeTo({ revision, letter }: { revision: string; letter: string }) {
  return (
    <section className="mb-6">
      <h2 className="text-lg">Builds made to revision {letter}</h2>
      <Loaded query={useMadeTo(revision)}>{(made) => <BuildsUnderRevision made={made} revision={revision} />}</Loaded>
    </section>
  );
}
