import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { LibraryFamily } from '@/api/types';
import { Field } from '@/ui/Field';
import { TextArea } from '@/ui/TextArea';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { type Carried, CarriedFields, carriedOf } from './CarriedFields';
import { type Resting, RestingFields, restingOf } from './RestingFields';
import { LIBRARY } from './queries';

type Form = {
  code: string;
  name: string;
  joints: string;
  rules: string;
  variant: string;
  serialsFrom: string;
  serialsTo: string;
  yearsFrom: string;
  yearsTo: string;
};
const EMPTY: Form = { code: '', name: '', joints: '', rules: '', variant: '', serialsFrom: '', serialsTo: '', yearsFrom: '', yearsTo: '' };

/** A family with its joints in assembly order, or more joints and variants for one that is there. */
export function NewFamilyPanel({ families, onClose }: { families: LibraryFamily[]; onClose: () => void }) {
  const { form, bind } = useForm(EMPTY);
  const [resting, setResting] = useState<Resting | null>(null);
  const [carried, setCarried] = useState<Carried | null>(null);
  const known = families.find((f) => f.code.toLowerCase() === form.code.trim().toLowerCase());
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Families and joints"
      note="The code is what the family’s serials begin with. A code that is there gets the joints and the variant added."
      verb={known ? 'Add to the family' : 'Add the family'}
      onClose={onClose}
      command={() => keep(form, known, resting, carried)}
    >
      <div className="grid grid-cols-[7rem_1fr] gap-3">
        <Field label="Code" {...bind('code')} placeholder="TN3" />
        <Field label="Name" {...bind('name')} {...(known ? { value: known.name } : {})} disabled={known !== undefined} placeholder="Tarn TN3" />
      </div>
      {known && (
        <p className="text-sm text-soft">
          Joints so far: {known.joints.map((joint) => joint.name).join(', ') || 'none'}.
          {known.variants.length > 0 && ` Variants: ${known.variants.map((v) => v.name).join(', ')}.`}
        </p>
      )}
      <TextArea label="Joints, one to a line, in the order of assembly" {...bind('joints')} rows={4} />
      <TextArea
        label="How its serials read, one rule to a line"
        {...bind('rules')}
        rows={2}
        placeholder={rulesOf(known) || `${form.code.trim().toUpperCase() || 'TN3'}-##-####`}
        hint="# for a digit, @ for a capital letter. Left empty it stays as it is."
      />
      {known && known.joints.length > 1 && <RestingFields joints={known.joints} resting={resting ?? restingOf(known.joints)} onChange={setResting} />}
      {known && known.joints.length > 1 && <CarriedFields joints={known.joints} carried={carried ?? carriedOf(known.joints)} onChange={setCarried} />}
      <VariantFields bind={bind} />
    </FormPanel>
  );
}

/** A part of the family whose hardware differs, by serial or by year. */
function VariantFields({ bind }: { bind: ReturnType<typeof useForm<Form>>['bind'] }) {
  return (
    <>
      <Field label="A variant, where there is one" {...bind('variant')} placeholder="long block" />
      <div className="grid grid-cols-4 gap-3">
        <Field label="serials from" {...bind('serialsFrom')} />
        <Field label="to" {...bind('serialsTo')} />
        <Field label="years from" {...bind('yearsFrom')} inputMode="numeric" />
        <Field label="to" {...bind('yearsTo')} inputMode="numeric" />
      </div>
    </>
  );
}

const rulesOf = (known: LibraryFamily | undefined) => known?.serial_rules ?? '';

/** The family, and then how its serials read, what rests on what in it and what is carried in what, where that was said. */
async function keep(form: Form, known: LibraryFamily | undefined, resting: Resting | null, carried: Carried | null) {
  const { id } = await answerOf(api.POST('/library/families', { body: body(form, known) }));
  if (form.rules.trim() !== '')
    await answerOf(api.POST('/library/families/{family}/serial-rules', { params: { path: { family: id } }, body: { serial_rules: form.rules } }));
  if (resting !== null) {
    const joints = Object.entries(resting).map(([joint, on]) => ({ joint, on }));
    await answerOf(api.POST('/library/families/{family}/resting', { params: { path: { family: id } }, body: { joints } }));
  }
  if (carried !== null) {
    const joints = Object.entries(carried).map(([joint, one]) => ({ joint, ...one }));
    await answerOf(api.POST('/library/families/{family}/subassemblies', { params: { path: { family: id } }, body: { joints } }));
  }
}

function body(form: Form, known: LibraryFamily | undefined) {
  const variant = {
    name: form.variant.trim(),
    serials_from: form.serialsFrom || null,
    serials_to: form.serialsTo || null,
    years_from: form.yearsFrom || null,
    years_to: form.yearsTo || null,
    note: null,
  };
  return {
    code: known?.code ?? form.code.trim(),
    name: known?.name ?? form.name.trim(),
    joints: form.joints
      .split('\n')
      .map((joint) => joint.trim())
      .filter((joint) => joint !== ''),
    variants: variant.name === '' ? [] : [variant],
  };
}
