import { useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import type { LibraryFamily } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { LIBRARY } from './queries';

type Props = { families: LibraryFamily[]; onClose: () => void; copyOf: { id: string; title: string } };

/** A procedure like another one, for a joint and its hardware; its draft is opened at once. */
export function SisterPanel({ families, onClose, copyOf }: Props) {
  const navigate = useNavigate();
  const { form, put, bind } = useForm({ family: families.length === 1 ? (families[0]?.id ?? '') : '', joint: '', option: '', variant: 'all' });
  const chosen = families.find((f) => f.id === form.family);
  const chooseFamily = (family: string) => {
    put('family')(family);
    put('joint')('');
  };
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Copy to a sister"
      note={`The copy begins as ${copyOf.title}; from then on what differs is shown on both.`}
      verb="Copy"
      onClose={onClose}
      command={() => answerOf(api.POST('/library/procedures', { body: bodyOf(form, copyOf.id) }))}
      onDone={({ id }) => void navigate(`/library/drafts/${id}`)}
    >
      <Choice
        label="Family"
        value={form.family}
        placeholder="Which engine"
        onChange={chooseFamily}
        options={families.map((f) => ({ value: f.id, text: f.name }))}
      />
      <Choice
        label="Joint"
        value={form.joint}
        placeholder={chosen ? 'Which joint' : 'Choose the family first'}
        onChange={put('joint')}
        options={(chosen?.joints ?? []).map((j) => ({ value: j.id, text: j.name }))}
      />
      <Field label="Hardware option" {...bind('option')} hint={takenHint(chosen, form.joint)} />
      {chosen && chosen.variants.length > 0 && <VariantChoice family={chosen} value={form.variant} onChange={put('variant')} />}
    </FormPanel>
  );
}

function bodyOf(form: { joint: string; option: string; variant: string }, copyOf: string) {
  return { joint: form.joint, option: form.option.trim(), copy_of: copyOf, variant: form.variant === 'all' ? null : form.variant };
}

function takenHint(family: LibraryFamily | undefined, joint: string): string {
  const taken = family?.joints.find((known) => known.id === joint)?.options ?? [];
  return taken.length === 0 ? 'Such as “stock bolts” or “stud kit”.' : `There are already: ${taken.join(', ')}.`;
}

function VariantChoice({ family, value, onChange }: { family: LibraryFamily; value: string; onChange: (variant: string) => void }) {
  return (
    <Choice
      label="For"
      value={value}
      placeholder="Which engines"
      onChange={onChange}
      options={[{ value: 'all', text: 'every engine of the family' }, ...family.variants.map((v) => ({ value: v.id, text: v.name }))]}
    />
  );
}
