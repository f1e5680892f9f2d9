import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import { useMay, useMe } from '@/api/session';
import type { RevisionSheet } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { SignPanel } from '@/ui/SignPanel';
import { ChangeList } from './ChangeList';
import { LIBRARY } from '../queries';

type Panel = 'sign' | 'return' | null;

/** What stands between a revision in review and the bench, and the two things that can be done with it. */
export function ReviewPanel({ sheet }: { sheet: RevisionSheet }) {
  const [panel, setPanel] = useState<Panel>(null);
  return (
    <section aria-label="Review" className="border-b border-line bg-sheet px-7 py-4">
      <div className="flex flex-wrap items-start gap-x-8 gap-y-3">
        <div className="min-w-0 grow basis-96">
          <h2 className="text-lg">
            {sheet.compared_with ? `What changes against revision ${sheet.compared_with.letter}, which is in force` : 'The first revision of this procedure'}
          </h2>
          {sheet.compared_with && <ChangeList changes={sheet.changes} short />}
          {sheet.challenges.length > 0 && (
            <p className="mt-1 text-soft">{count(sheet.challenges.length, 'doubt')}, each with its answer under “Why these figures”.</p>
          )}
        </div>
        <Standing sheet={sheet} onOpen={setPanel} />
      </div>
      {panel !== null && <Signing sheet={sheet} panel={panel} onClose={() => setPanel(null)} />}
    </section>
  );
}

/** Whether it can be signed, and if not, why. Nobody signs what one wrote. */
function Standing({ sheet, onOpen }: { sheet: RevisionSheet; onOpen: (panel: Panel) => void }) {
  const may = useMay();
  return (
    <div className="shrink-0 basis-72">
      {sheet.why_not.length > 0 ? (
        <>
          <h2 className="text-lg text-fault">Cannot be signed yet</h2>
          <ul className="mt-1 list-disc pl-5">
            {sheet.why_not.map((why) => (
              <li key={why}>{why}</li>
            ))}
          </ul>
        </>
      ) : (
        <h2 className="text-lg">{sheet.mine ? 'Somebody else has to sign this' : 'Ready to be signed'}</h2>
      )}
      {may('approve-procedures') && (
        <p className="no-print mt-3 flex gap-3">
          {!sheet.mine && sheet.why_not.length === 0 && (
            <Button look="main" onClick={() => onOpen('sign')}>
              Sign it
            </Button>
          )}
          <Button onClick={() => onOpen('return')}>Send it back</Button>
        </p>
      )}
    </div>
  );
}

function Signing({ sheet, panel, onClose }: { sheet: RevisionSheet; panel: 'sign' | 'return'; onClose: () => void }) {
  const shared = { refreshes: LIBRARY, signer: useMe().name, onClose };
  const path = { revision: sheet.id };
  if (panel === 'sign')
    return (
      <SignPanel
        {...shared}
        title={`Sign revision ${sheet.letter}`}
        meaning="Approved for use: I have compared it with its sources and looked at every doubt. Work that is not begun moves to it at once."
        verb="Sign"
        command={({ password }) =>
          answerOf(api.POST('/library/revisions/{revision}/approve', { params: { path }, body: { password, document_hash: sheet.document_hash } }))
        }
      />
    );
  return (
    <SignPanel
      {...shared}
      title={`Send revision ${sheet.letter} back`}
      meaning={`It goes back as a draft to ${sheet.author ?? 'who wrote it'}.`}
      verb="Send it back"
      reason="What has to be put right"
      password={false}
      command={({ reason }) => answerOf(api.POST('/library/revisions/{revision}/return', { params: { path }, body: { reason } }))}
    />
  );
}
