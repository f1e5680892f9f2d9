import { useState } from 'react';
import type { Build, BuildChoices, Machining } from '@/api/types';
import { AddButton } from '@/ui/AddButton';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { RemoveButton } from '@/ui/RemoveButton';
import { Select } from '@/ui/Select';
import { TextArea } from '@/ui/TextArea';
import { useForm } from '@/ui/useForm';
import { BUILDS, type Facts, describeBuild, useChoices } from './queries';

/** What is known of an engine beside its fasteners: all of it in one form, kept as it stands. */
export function FactsPanel({ build, onClose }: { build: Build; onClose: () => void }) {
  const choices = useChoices(true).data;
  const { form, bind, put } = useForm(textsOf(build));
  const [machining, setMachining] = useState<Facts['machining']>(build.facts.machining.map(({ what, joint, at }) => ({ what, joint, at })));
  const variants = choices?.families.find((f) => f.code === build.family_code)?.variants ?? [];
  return (
    <FormPanel
      title={`What is known of ${build.title}`}
      verb="Keep it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => describeBuild(build.id, { ...form, received_on: form.received_on || null, due_on: form.due_on || null, machining })}
    >
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <Field label="Came in on" type="date" {...bind('received_on')} />
        <Field label="Must leave by" type="date" {...bind('due_on')} />
        <Field label="Order" {...bind('order_number')} />
        {variants.length > 0 && <Variant value={form.variant} variants={variants} onValueChange={put('variant')} />}
      </div>
      <TextArea label="What came in, and in which condition" rows={2} {...bind('core')} />
      <Field label="What holds it up that is not here" {...bind('waits_for')} placeholder="the crankshaft, from grinding" />
      <MachiningList machining={machining} joints={build.joints} choices={choices} onChange={setMachining} />
      <TextArea label="Note" rows={2} {...bind('note')} />
    </FormPanel>
  );
}

function textsOf({ facts }: Build) {
  const { variant, order_number, core, waits_for, note } = facts;
  return { variant, order_number, core, waits_for, note, received_on: facts.received_on ?? '', due_on: facts.due_on ?? '' };
}

function Variant({ value, variants, onValueChange }: { value: string; variants: string[]; onValueChange: (variant: string) => void }) {
  return (
    <Select
      label="Variant"
      value={value}
      onValueChange={onValueChange}
      options={[{ value: '', text: 'not said' }, ...variants.map((v) => ({ value: v, text: v }))]}
    />
  );
}

type ListProps = { machining: Facts['machining']; joints: Build['joints']; choices: BuildChoices | undefined; onChange: (next: Facts['machining']) => void };

/** What was done to the metal that whoever tightens it has to know of. */
function MachiningList({ machining, joints, choices, onChange }: ListProps) {
  const put = (i: number, next: Partial<Facts['machining'][number]>) => onChange(machining.map((one, at) => (at === i ? { ...one, ...next } : one)));
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Machining that matters</legend>
      {machining.map((one, i) => (
        <div key={i} className="mb-2 grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2">
          <Select
            label="What was done"
            value={one.what}
            onValueChange={(what) => put(i, { what: what as Machining })}
            options={(choices?.machining ?? []).map((m) => ({ value: m.what, text: m.words }))}
          />
          <Select
            label="At which joint"
            value={one.joint ?? ''}
            onValueChange={(joint) => put(i, { joint: joint === '' ? null : joint })}
            options={[{ value: '', text: 'the whole engine' }, ...joints.map((j) => ({ value: j.id, text: j.name }))]}
          />
          <Field label="Where there" value={one.at} onChange={(e) => put(i, { at: e.target.value })} placeholder="bolt 5, insert" />
          <RemoveButton label={`Take machining ${String(i + 1)} out`} onClick={() => onChange(machining.filter((_, at) => at !== i))} />
        </div>
      ))}
      <AddButton text="Something was machined" onAdd={() => onChange([...machining, { what: 'line_honed', joint: null, at: '' }])} />
    </fieldset>
  );
}
