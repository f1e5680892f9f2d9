import { answerOf, api } from '@/api/client';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { TextArea } from '@/ui/TextArea';
import { FormPanel } from '@/ui/FormPanel';
import { ProcedureChoice } from './ProcedureChoice';
import { LIBRARY, useProcedure, useRevision } from './queries';
import { useForm } from '@/ui/useForm';

type Form = ReturnType<typeof blank>;

const blank = () => ({
  procedure: '',
  stage: '',
  departure: '',
  reason: '',
  customer_reference: '',
  quantity: '',
  serials: '',
  valid_from: new Date().toISOString().slice(0, 10),
  valid_until: '',
});

/** What is left empty sets no limit. */
const bodyOf = (form: Form) => ({
  ...form,
  stage: form.stage || null,
  customer_reference: form.customer_reference || null,
  quantity: form.quantity === '' ? null : form.quantity,
  serials: form.serials || null,
  valid_until: form.valid_until || null,
});

/** Asks for a permit; somebody else signs it. At least one limit must be set. */
export function PermitPanel({ onClose }: { onClose: () => void }) {
  const { form, put, bind } = useForm(blank());
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Ask for a deviation permit"
      note="Somebody else signs it. It ends by itself at the first of its limits."
      verb="Ask for it"
      onClose={onClose}
      command={() => answerOf(api.POST('/library/permits', { body: bodyOf(form) }))}
    >
      <ProcedureChoice
        label="Procedure"
        state="approved"
        value={form.procedure}
        onChange={(id) => {
          put('procedure')(id);
          put('stage')('');
        }}
        placeholder="Departs from which"
      />
      <RoundSelect procedure={form.procedure} value={form.stage} onChange={put('stage')} />
      <div className="grid grid-cols-2 gap-3">
        <TextArea label="What may be done otherwise" rows={3} {...bind('departure')} />
        <TextArea label="Why" rows={3} {...bind('reason')} />
      </div>
      <div className="grid grid-cols-3 gap-3">
        <Field label="from" type="date" {...bind('valid_from')} />
        <Field label="until" type="date" {...bind('valid_until')} />
        <Field label="how many engines" inputMode="numeric" {...bind('quantity')} />
      </div>
      <Field label="Only for these serials" {...bind('serials')} placeholder="TN3-26-0409, TN3-26-0411" />
      <Field label="Customer’s authorisation, where one is needed" {...bind('customer_reference')} placeholder="letter of 12 Nov, for 2 engines" />
    </FormPanel>
  );
}

/** A round of the revision that is in force, or all of it. */
function RoundSelect({ procedure, value, onChange }: { procedure: string; value: string; onChange: (stage: string) => void }) {
  const { data: known } = useProcedure(procedure || undefined);
  const { data: inForce } = useRevision(known?.revisions.find((r) => r.state === 'approved')?.id);
  const rounds = inForce?.procedure === procedure ? inForce.rungs : [];
  return (
    <Select
      label="In which round"
      value={value}
      onValueChange={onChange}
      disabled={rounds.length === 0}
      options={[
        { value: '', text: 'in the whole procedure' },
        ...rounds.map((r, i) => ({ value: r.stage, text: `round ${String(i + 1)}, ${r.rows.map((row) => `${row.aim} ${row.whom}`).join(', ')}` })),
      ]}
    />
  );
}
