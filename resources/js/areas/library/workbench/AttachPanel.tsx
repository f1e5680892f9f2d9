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

function Attach({ quantity, value, evidence, onClose }: Props & { onClose: () => void }) {
  const { pathname, search } = useLocation();
  const [procedure, setProcedure] = useState('');
  const [place, setPlace] = useState('');
  const [aim, setAim] = useState(value);
  const [why, setWhy] = useState(evidence);
  const draft = useQuery({
    queryKey: ['library', 'draft', procedure],
    queryFn: () => answerOf(api.GET('/library/drafts/{procedure}', { params: { path: { procedure } } })),
    enabled: procedure !== '',
  }).data;
  const doc = draft?.document as Doc | undefined;
  const places = allStages(doc?.stages ?? []).flatMap((stage) =>
    (stage.targets ?? []).map((target, i) => ({
      value: `${stage.key}/${String(i)}`,
      text: `${stage.key}, ${typeof target.target === 'string' ? target.target : 'value missing'} ${target.group ?? ''}`,
    })),
  );
  const attach = () => {
    if (!draft || !doc || place === '') return Promise.reject(new Problem('bad-value', 'Choose the draft and the target first.', 0));
    const [key = '', at = ''] = place.split('/');
    const stages = withStage(doc.stages, key, (stage) => ({
      ...stage,
      targets: (stage.targets ?? []).map((t, i) => (String(i) === at ? { ...t, aim, aim_evidence: `${why} Worked out at ${pathname}${search}` } : t)),
    }));
    return answerOf(
      api.POST('/library/drafts/{procedure}', {
        params: { path: { procedure } },
        body: { document: { ...doc, stages }, answers: draft.answers, version: draft.version },
      }),
    );
  };
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Use it as an aim"
      note={`The aim is the value that the hand goes for, inside the window${quantity === '' ? '' : ` of the ${quantity}`}. The window itself stays as its source has it.`}
      verb="Write it into the draft"
      onClose={onClose}
      command={attach}
    >
      <ProcedureChoice
        label="Draft"
        state="draft"
        value={procedure}
        onChange={(chosen) => {
          setProcedure(chosen);
          setPlace('');
        }}
        placeholder="Which procedure"
      />
      <Choice label="Target" value={place} onChange={setPlace} placeholder="Which round and group" options={places} />
      <Field label="Aim, with its unit" value={aim} onChange={(e) => setAim(e.target.value)} />
      <TextArea label="Evidence" value={why} onChange={(e) => setWhy(e.target.value)} hint="The address of this calculation goes with it." />
    </FormPanel>
  );
}
