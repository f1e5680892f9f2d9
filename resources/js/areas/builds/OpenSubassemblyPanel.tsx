import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BuildChoices } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { BUILDS, openSubassembly, useChoices } from './queries';

/** No customer’s. */
const OWN = 'own';

/** A head or a short block gets a number, and from then on a record of its own. */
export function OpenSubassemblyPanel({ onClose }: { onClose: () => void }) {
  const choices = useChoices(true).data;
  const { form, put, bind, kinds, families, open } = useNumbering(choices);
  return (
    <FormPanel
      title="A head or a short block gets a number"
      note="Its joints are tightened and recorded by themselves. Finished, it is fitted on an engine’s page, and what is recorded goes with it."
      verb="Give it the number"
      onClose={onClose}
      refreshes={BUILDS}
      command={open}
    >
      {choices && families.length === 0 && (
        <p className="text-soft">No family has said yet which joints a head or a short block carries: the library does, under Families and joints.</p>
      )}
      <Choice label="It fits engines of" value={form.family} onChange={put('family')} placeholder="Choose the family" options={families} />
      <Choice
        label="It is a"
        value={kinds.includes(form.kind) ? form.kind : ''}
        onChange={put('kind')}
        placeholder="Choose what it is"
        options={kinds.map(asOption)}
      />
      <Field
        label="Its number, typed or scanned"
        {...bind('serial')}
        placeholder="HD-0031"
        hint="What is stamped on it, or a tag: no other engine or part bears it."
      />
      <Choice label="Whose it is" value={form.customer} onChange={put('customer')} placeholder="The shop’s own" options={owners(choices)} />
    </FormPanel>
  );
}

const asOption = (text: string) => ({ value: text, text });
const owners = (choices: BuildChoices | undefined) => [
  { value: OWN, text: 'The shop’s own' },
  ...(choices?.customers ?? []).map((c) => ({ value: c.id, text: c.name })),
];

/** Opens it under one id, so that a second press opens none, and goes to its page. */
function useNumbering(choices: BuildChoices | undefined) {
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID());
  const { form, put, bind } = useForm({ family: '', kind: '', serial: '', customer: OWN });
  const families = (choices?.families ?? []).filter((f) => f.subassemblies.length > 0);
  const kinds = families.find((f) => f.code === form.family)?.subassemblies ?? [];
  const open = async () => {
    const customer = form.customer === OWN ? null : form.customer;
    const kind = kinds.includes(form.kind) ? form.kind : '';
    const opened = await openSubassembly({ id, family: form.family, kind, serial: form.serial.replace(/^@S/, ''), customer });
    void navigate(`/builds/${opened.id}`);
  };
  return { form, put, bind, kinds, families: families.map((f) => ({ value: f.code, text: f.name })), open };
}
