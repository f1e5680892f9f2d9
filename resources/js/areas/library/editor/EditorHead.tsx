import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import type { DraftAssessment, DraftSheet } from '@/api/types';
import { Problem } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { useLibraryCommand } from '../queries';
import type { Saving } from './editor';
import type { useWork } from './useWork';

type Props = { sheet: DraftSheet; work: ReturnType<typeof useWork>; look: DraftAssessment | undefined };

const STATES: Record<Exclude<Saving['state'], 'failed' | 'conflict'>, string> = { saved: 'saved', changed: 'not saved yet', saving: 'saving …' };

/** Which draft it is, that it is saved, and handing it in. */
export function EditorHead({ sheet, work, look }: Props) {
  const navigate = useNavigate();
  const [sure, setSure] = useState(false);
  const submit = useSubmit(sheet.procedure, work.settled);
  return (
    <header className="border-b border-line px-7 py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="wide text-[22px] font-bold">{sheet.title}</h1>
          <p className="text-soft">
            draft of revision {sheet.letter},{' '}
            <span role="status">{work.saving.state in STATES ? STATES[work.saving.state as keyof typeof STATES] : 'not saved'}</span>
          </p>
        </div>
        <UndoRedo work={work} />
        <Button small onClick={() => setSure(true)}>
          Throw away
        </Button>
        <Button
          look="main"
          small
          disabled={submit.isPending || look === undefined || work.saving.state === 'conflict'}
          onClick={() => submit.mutate(undefined, { onSuccess: ({ id }) => void navigate(`/library/${id}`) })}
        >
          Hand in for review
        </Button>
      </div>
      {sheet.sent_back !== null && <p className="mt-2 border-l-4 border-fault pl-3">Sent back: {sheet.sent_back}</p>}
      {work.saving.state === 'failed' && (
        <p role="alert" className="mt-2 text-fault">
          Not saved: {work.saving.sentence} It is tried again by itself.
        </p>
      )}
      <Refusal of={submit} className="mt-2" />
      {sure && <DiscardPanel procedure={sheet.procedure} onClose={() => setSure(false)} />}
    </header>
  );
}

/** Hands in what is stored, to the last letter; where it cannot be stored, nothing is handed in. */
function useSubmit(procedure: string, settled: () => Promise<number | null>) {
  return useLibraryCommand(async () => {
    const version = await settled();
    if (version === null) throw new Problem('draft-changed', 'It could not be saved, so it was not handed in.', 0);
    return answerOf(api.POST('/library/drafts/{procedure}/submit', { params: { path: { procedure } }, body: { version } }));
  });
}

function UndoRedo({ work }: Pick<Props, 'work'>) {
  return (
    <>
      <Button small onClick={work.undo} disabled={!work.canUndo} title="Ctrl+Z">
        Undo
      </Button>
      <Button small onClick={work.redo} disabled={!work.canRedo} title="Ctrl+Y">
        Redo
      </Button>
    </>
  );
}

function DiscardPanel({ procedure, onClose }: { procedure: string; onClose: () => void }) {
  const navigate = useNavigate();
  const discard = useLibraryCommand(() => answerOf(api.POST('/library/drafts/{procedure}/discard', { params: { path: { procedure } } })));
  return (
    <Panel title="Throw this draft away?" open onClose={onClose} note="What is written in it is gone then. Revisions that were handed in stay.">
      <div className="flex gap-3">
        <Button onClick={onClose}>Keep it</Button>
        <Button
          look="fault"
          className="ml-8"
          disabled={discard.isPending}
          onClick={() => discard.mutate(undefined, { onSuccess: () => void navigate('/library') })}
        >
          Throw it away
        </Button>
      </div>
      <Refusal of={discard} className="mt-3" />
    </Panel>
  );
}
