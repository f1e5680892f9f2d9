import type { SyntheticEvent } from 'react';
import { answerOf, api } from '@/api/client';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { TextArea } from '@/ui/TextArea';
import { useCommand } from '@/ui/useCommand';
import { useForm } from '@/ui/useForm';
import { LIBRARY, STEPS } from '../queries';

const EMPTY = { code: '', name: '', joints: '' };

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** A family with its joints, or the way to a file of them. */
export function FamilyForm() {
  return (
    <>
      <p className="mb-4">
        <ButtonLink to="/library/import">Read a file</ButtonLink>
      </p>
      <ByHand />
    </>
  );
}

function ByHand() {
  const { form, bind, put } = useForm(EMPTY);
  const body = () => ({ code: form.code.trim(), name: form.name.trim(), joints: linesOf(form.joints), variants: [] });
  const add = useCommand(() => answerOf(api.POST('/library/families', { body: body() })), STEPS, LIBRARY);
  const empty = () => {
    for (const field of ['code', 'name', 'joints'] as const) put(field)('');
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    add.mutate(undefined, { onSuccess: empty });
  };
  return (
    <form onSubmit={submit} noValidate className="flex max-w-xl flex-col gap-3 border-t border-hair pt-4">
      <div className="grid grid-cols-[11rem_1fr] gap-3">
        <Field label="Code" {...bind('code')} placeholder="TN3" hint="what serials begin with" />
        <Field label="Name" {...bind('name')} placeholder="Tarn TN3" />
      </div>
      <TextArea
        label="Joints, one to a line, in the order of assembly"
        {...bind('joints')}
        rows={4}
        placeholder={'Main caps\nConnecting rods\nCylinder head'}
      />
      <Refusal of={add} />
      <div className="flex items-center gap-4">
        <Button look="main" type="submit" disabled={add.isPending}>
          Add the family
        </Button>
        {add.isSuccess && (
          <>
            <span role="status">It is in the library. Another, or its first procedure.</span>
            <ButtonLink to="/library/write">Write a procedure</ButtonLink>
          </>
        )}
      </div>
    </form>
  );
}
