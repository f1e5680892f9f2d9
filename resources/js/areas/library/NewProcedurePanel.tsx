import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import type { LibraryFamily } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { LIBRARY } from './queries';

type Props = { families: LibraryFamily[]; onClose: () => void; copyOf?: { id: string; title: string } };

/** A procedure for a joint and its hardware; its draft is opened at once. */
export function NewProcedurePanel({ families, onClose, copyOf }: Props) {
  const navigate = useNavigate();
  const [family, setFamily] = useState(families.length === 1 ? (families[0]?.id ?? '') : '');
  const [joint, setJoint] = useState('');
  const [option, setOption] = useState('');
  const [variant, setVariant] = useState('all');
  const chosen = families.find((f) => f.id === family);
  const taken = chosen?.joints.find((known) => known.id === joint)?.options ?? [];
  return (
    <FormPanel
      refreshes={LIBRARY}
      title={copyOf ? 'Copy to a sister' : 'Write a procedure'}
      note={
        copyOf
          ? `The copy begins as ${copyOf.title}; from then on what differs is shown on both.`
          : 'Each hardware option of a joint has a procedure of its own.'
      }
      verb={copyOf ? 'Copy' : 'Begin'}
      onClose={onClose}
      command={() =>
        answerOf(
          api.POST('/library/procedures', { body: { joint, option: option.trim(), copy_of: copyOf?.id ?? null, variant: variant === 'all' ? null : variant } }),
        )
      }
      onDone={({ id }) => void navigate(`/library/drafts/${id}`)}
    >
      <Choice
        label="Family"
        value={family}
        placeholder="Which engine"
        onChange={(v) => {
          setFamily(v);
          setJoint('');
        }}
        options={families.map((f) => ({ value: f.id, text: f.name }))}
      />
      <Choice
        label="Joint"
        value={joint}
        placeholder={chosen ? 'Which joint' : 'Choose the family first'}
        onChange={setJoint}
        options={(chosen?.joints ?? []).map((j) => ({ value: j.id, text: j.name }))}
      />
      <Field
        label="Hardware option"
        value={option}
        onChange={(e) => setOption(e.target.value)}
        hint={taken.length === 0 ? 'Such as “stock bolts” or “stud kit”.' : `There are already: ${taken.join(', ')}.`}
      />
      {(chosen?.variants.length ?? 0) > 0 && (
        <Choice
          label="For"
          value={variant}
          placeholder="Which engines"
          onChange={setVariant}
          options={[{ value: 'all', text: 'every engine of the family' }, ...(chosen?.variants ?? []).map((v) => ({ value: v.id, text: v.name }))]}
        />
      )}
    </FormPanel>
  );
}
