import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay } from '@/api/session';
import { type Doc, allStages, withStage } from '@/lib/document';
import { Problem } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { TextArea } from '@/ui/TextArea';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { ProcedureChoice } from '../ProcedureChoice';
import { LIBRARY } from '../queries';

type Props = { quantity: string; value: string; evidence: string };

/** Puts what was worked out into a draft: the aim inside a target's window, and this page as its evidence. */
export function AttachPanel(props: Props) {
  const [open, setOpen] = useState(false);
  if (!useMay()('draft-procedures')) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>Use it as an aim</Button>
      {open && <Attach {...props} onClose={() => setOpen(false)} />}
    </>
  );
}

/** The draft that is chosen and the targets in it; writing the aim into one of them. */
function useAttach(procedure: string) {
  const { pathname, search } = useLocation();
  const draft = useQuery({
    queryKey: ['library', 'draft', procedure],
    queryFn: () => answerOf(api.GET('/library/drafts/{procedure}', { params: { path: { procedure } } })),
    enabled: procedure !== '',
  }).data;
  const doc = draft?.document as Doc | undefined;
  const attach = (place: string, aim: string, why: string) => {
    if (!draft || !doc || place === '') return Promise.reject(new Problem('bad-value', 'Choose the draft and the target first.', 0));
    const document = withAim(doc, place, { aim, aim_evidence: `${why} Worked out at ${pathname}${search}` });
    return answerOf(
      api.POST('/library/drafts/{procedure}', {
        params: { path: { procedure } },
        body: { document, answers: draft.answers, version: draft.version },
      }),
    );
  };
  return { places: doc ? placesOf(doc) : [], attach };
}

/** Every target of every round, by the round's key and its place there. */
function placesOf(doc: Doc) {
  return allStages(doc.stages).flatMap((stage) =>
    (stage.targets ?? []).map((target, i) => ({
      value: `${stage.key}/${String(i)}`,
      text: `${stage.key}, ${typeof target.target === 'string' ? target.target : 'value missing'} ${target.group ?? ''}`,
    })),
  );
}

function withAim(doc: Doc, place: string, aim: { aim: string; aim_evidence: string }): Doc {
  const [key = '', at = ''] = place.split('/');
  const stages = withStage(doc.stages, key, (stage) => ({
    ...stage,
    targets: (stage.targets ?? []).map((t, i) => (String(i) === at ? { ...t, ...aim } : t)),
  }));
  return { ...doc, stages };
}

function Attach({ quantity, value, evidence, onClose }: Props & { onClose: () => void }) {
  const { form, put, bind } = useForm({ procedure: '', place: '', aim: value, why: evidence });
  const { places, attach } = useAttach(form.procedure);
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Use it as an aim"
      note={`The aim is the value that the hand goes for, inside the window${quantity === '' ? '' : ` of the ${quantity}`}. The window itself stays as its source has it.`}
      verb="Write it into the draft"
      onClose={onClose}
      command={() => attach(form.place, form.aim, form.why)}
    >
      <ProcedureChoice
        label="Draft"
        state="draft"
        value={form.procedure}
        onChange={(chosen) => {
          put('procedure')(chosen);
          put('place')('');
        }}
        placeholder="Which procedure"
      />
      <Choice label="Target" value={form.place} onChange={put('place')} placeholder="Which round and group" options={places} />
      <Field label="Aim, with its unit" {...bind('aim')} />
      <TextArea label="Evidence" {...bind('why')} hint="The address of this calculation goes with it." />
    </FormPanel>
  );
}
