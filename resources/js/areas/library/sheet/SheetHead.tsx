import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay, useMe, useZone } from '@/api/session';
import type { RevisionSheet } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { SisterPanel } from '../SisterPanel';
import { PermitLines } from '../PermitLines';
import { SignPanel } from '@/ui/SignPanel';
import { StopNowLink, StopWord } from '@/ui/StopWord';
import { LIBRARY, useFamilies, useLibraryCommand, useProcedure } from '../queries';
import { STATES } from '../words';

/** What it is, in which state, and what can be done with it. */
export function SheetHead({ sheet }: { sheet: RevisionSheet }) {
  const may = useMay();
  const inForce = sheet.revisions.find((r) => r.state === 'approved');
  return (
    <header className="border-b border-line px-7 py-4">
      <div className="flex items-end justify-between gap-6">
        <div>
          <h1 className="wide text-[26px] font-bold">
            {sheet.family}, {sheet.joint.toLowerCase()}, {sheet.option}
          </h1>
          <p className="mt-1 text-xl">{sheet.line}</p>
        </div>
        <div className="shrink-0 text-right">
          <p className={`text-lg font-semibold ${sheet.state === 'superseded' || sheet.state === 'withdrawn' ? 'text-fault' : ''}`}>
            Revision {sheet.letter}, {STATES[sheet.state]}
          </p>
          <Who sheet={sheet} />
        </div>
      </div>
      {inForce && inForce.id !== sheet.id && sheet.state !== 'in_review' && (
        <p className="mt-2">
          Not the one in force.{' '}
          <Link className="quiet" to={`/library/${inForce.id}`}>
            Revision {inForce.letter} is
          </Link>
          .
        </p>
      )}
      {sheet.remark !== null && (
        <p className="mt-2 border-l-4 border-fault pl-3">
          {sheet.state === 'withdrawn' ? 'Withdrawn' : 'Sent back'}: {sheet.remark}
        </p>
      )}
      <StopWord stop={sheet.stop} opens={may('stop-work')} className="mt-3" />
      {sheet.permits.length > 0 && <PermitLines permits={sheet.permits} />}
      <Actions sheet={sheet} />
    </header>
  );
}

function Who({ sheet }: { sheet: RevisionSheet }) {
  const zone = useZone();
  const written = `written by ${sheet.author ?? 'name blanked'}`;
  return (
    <p className="text-soft">
      {sheet.signature !== null && sheet.approved_at !== null ? `${written}, signed by ${sheet.signature} on ${day(sheet.approved_at, zone)}` : written}, risk
      class {sheet.risk_class}
    </p>
  );
}

type Panel = 'copy' | 'withdraw' | null;

function Actions({ sheet }: { sheet: RevisionSheet }) {
  const may = useMay();
  const [panel, setPanel] = useState<Panel>(null);
  return (
    <div className="no-print mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
      {may('draft-procedures') && sheet.state !== 'in_review' && <ToDraft sheet={sheet} />}
      {may('draft-procedures') && (
        <Button small onClick={() => setPanel('copy')}>
          Copy to a sister
        </Button>
      )}
      <a className="quiet" href={`/api/library/revisions/${sheet.id}/job-card.pdf`} target="_blank" rel="noreferrer">
        Job card (PDF)
      </a>
      <DocumentLink sheet={sheet} />
      <a className="quiet" href={`/api/library/revisions/${sheet.id}/map.csv`} download>
        Map (CSV)
      </a>
      {may('stop-work') && sheet.stop === null && sheet.signature !== null && <StopNowLink what="revision" of={sheet.id} className="ml-auto" />}
      {may('approve-procedures') && sheet.state === 'approved' && (
        <button type="button" className="quiet text-fault underline decoration-hair underline-offset-4" onClick={() => setPanel('withdraw')}>
          Withdraw it
        </button>
      )}
      {panel !== null && <OpenPanel sheet={sheet} panel={panel} onClose={() => setPanel(null)} />}
    </div>
  );
}

/** To the draft of the next revision, begun if there is none. */
function ToDraft({ sheet }: { sheet: RevisionSheet }) {
  const navigate = useNavigate();
  const procedure = useProcedure(sheet.procedure).data;
  const begin = useLibraryCommand(() => answerOf(api.POST('/library/drafts/{procedure}/begin', { params: { path: { procedure: sheet.procedure } } })));
  const go = () => {
    const open = () => void navigate(`/library/drafts/${sheet.procedure}`);
    if (procedure?.draft) open();
    else begin.mutate(undefined, { onSuccess: open });
  };
  return (
    <>
      <Button small onClick={go} disabled={begin.isPending || procedure === undefined}>
        {procedure?.draft ? `Go on with draft ${procedure.draft.letter}` : 'Write the next revision'}
      </Button>
      <Refusal of={begin} className="order-last w-full" />
    </>
  );
}

function OpenPanel({ sheet, panel, onClose }: { sheet: RevisionSheet; panel: 'copy' | 'withdraw'; onClose: () => void }) {
  const me = useMe();
  const families = useFamilies().data?.families ?? [];
  if (panel === 'copy') {
    const title = `${sheet.family}, ${sheet.joint.toLowerCase()}, ${sheet.option}`;
    return <SisterPanel families={families} onClose={onClose} copyOf={{ id: sheet.procedure, title }} />;
  }
  return (
    <SignPanel
      refreshes={LIBRARY}
      signer={me.name}
      title={`Withdraw revision ${sheet.letter}`}
      meaning="From now on nobody is given this procedure. Work that is under way stays and says so."
      verb="Withdraw it"
      fault
      reason="Why it must not be used any more"
      onClose={onClose}
      command={({ reason, password }) =>
        answerOf(api.POST('/library/revisions/{revision}/withdraw', { params: { path: { revision: sheet.id } }, body: { reason, password } }))
      }
    />
  );
}
/** The document as it was written, as a file. */
function DocumentLink({ sheet }: { sheet: RevisionSheet }) {
  const save = () => {
    const url = URL.createObjectURL(new Blob([JSON.stringify(sheet.document, null, 2)], { type: 'application/json' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${sheet.family}-${sheet.joint}-${sheet.option}-${sheet.letter}.json`.toLowerCase().replaceAll(' ', '-');
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <button type="button" className="quiet underline decoration-hair underline-offset-4" onClick={save}>
      Document (JSON)
    </button>
  );
}
