import { useState } from 'react';
import { useMay } from '@/api/session';
import type { FormOfTools, FormRules } from '@/api/types';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { TemplateLines } from './TemplateLines';
import { setRules, useStandardCommand, useToolRules } from './queries';

const RULES = [
  { value: 'simple', text: 'each reading within the limits' },
  { value: 'guarded_by_u', text: 'limits drawn in by the uncertainty' },
  { value: 'conformity_95', text: 'limits drawn in for 95 %' },
];

/** By what each kind of tool is calibrated; what was shipped is from memory, and says so. */
export function RulesOfForms() {
  const query = useToolRules();
  const may = useMay();
  const [open, setOpen] = useState<FormOfTools | null>(null);
  return (
    <section className="mt-8">
      <h2 className="text-2xl">By which rules tools are calibrated</h2>
      <Loaded query={query}>{({ forms }) => <RulesTable forms={forms} onOpen={may('set-tool-rules') ? setOpen : null} />}</Loaded>
      {open !== null && <RulesPanel of={open} onClose={() => setOpen(null)} />}
    </section>
  );
}

function RulesTable({ forms, onOpen }: { forms: FormOfTools[]; onOpen: ((of: FormOfTools) => void) | null }) {
  return (
    <>
      <table className="mt-3 w-full text-[15px]">
        <TableHead
          columns={[
            'kind',
            'may deviate',
            'points, % of the range',
            ['readings', 'text-right'],
            ['months', 'pl-5 text-right'],
            ['pulls', 'pl-5 text-right'],
            ['how it is judged', 'pl-8'],
            'whose rules',
            ['', 'w-28'],
          ]}
        />
        <tbody>
          {forms.map((f) => (
            <FormRow key={f.form} f={f} onOpen={onOpen} />
          ))}
        </tbody>
      </table>
      {[...new Set(forms.map((f) => f.rules.note))].map((note) => (
        <p key={note} className="mt-2 max-w-4xl text-[15px] text-soft">
          <b>
            {forms
              .filter((f) => f.rules.note === note)
              .map((f) => f.words)
              .join(', ')}
            :
          </b>{' '}
          {note}
        </p>
      ))}
    </>
  );
}

function FormRow({ f, onOpen }: { f: FormOfTools; onOpen: ((of: FormOfTools) => void) | null }) {
  return (
    <tr className="h-10 border-b border-hair">
      <td className="font-semibold">{f.words}</td>
      <td>{f.rules.permissible}</td>
      <td>{f.rules.points.join(', ')}</td>
      <td className="text-right">{f.rules.readings}</td>
      <td className="text-right">{f.rules.months ?? '–'}</td>
      <td className="text-right">{f.rules.cycles?.toLocaleString('en-GB') ?? '–'}</td>
      <td className="pl-8">{RULES.find((r) => r.value === f.rules.rule)?.text}</td>
      <td className="text-soft">{f.shipped ? 'as shipped' : 'the shop’s'}</td>
      <td className="text-right">
        {onOpen !== null && (
          <Button small onClick={() => onOpen(f)}>
            Change
          </Button>
        )}
      </td>
    </tr>
  );
}

function RulesPanel({ of, onClose }: { of: FormOfTools; onClose: () => void }) {
  const [rules, setRulesNow] = useState<FormRules>(of.rules);
  const keep = useStandardCommand(() => setRules(of.form, rules));
  const put = (next: Partial<FormRules>) => setRulesNow((now) => ({ ...now, ...next }));
  return (
    <Panel
      title={`How a ${of.words} is calibrated`}
      note="From the next calibration on. What was calibrated before keeps the rules that it was judged by."
      open
      onClose={onClose}
      wide
    >
      <Numbers rules={rules} put={put} />
      <TemplateLines lines={rules.template} onChange={(template) => put({ template })} />
      <TextArea label="Where this is from" rows={2} value={rules.note} onChange={(e) => put({ note: e.target.value })} />
      <Refusal of={keep} className="mt-3" />
      <div className="mt-4 flex gap-3">
        <Button look="main" disabled={keep.isPending} onClick={() => keep.mutate(undefined, { onSuccess: onClose })}>
          Set the rules
        </Button>
        <Button onClick={onClose}>Not now</Button>
      </div>
    </Panel>
  );
}

const whole = (said: string): number | null => (/^\d+$/.test(said) ? Number(said) : null);

function Numbers({ rules, put }: { rules: FormRules; put: (next: Partial<FormRules>) => void }) {
  return (
    <div className="grid grid-cols-4 gap-3">
      <Field label="May deviate" value={rules.permissible} onChange={(e) => put({ permissible: e.target.value })} />
      <Field
        label="Points, % of the range"
        value={rules.points.join(' ')}
        onChange={(e) => put({ points: e.target.value.split(/[\s,]+/).filter((p) => p !== '') })}
      />
      <Field label="Readings at each" inputMode="numeric" value={String(rules.readings)} onChange={(e) => put({ readings: whole(e.target.value) ?? 0 })} />
      <Field label="Pre-loads" inputMode="numeric" value={String(rules.preloads)} onChange={(e) => put({ preloads: whole(e.target.value) ?? 0 })} />
      <Field label="Months" inputMode="numeric" value={String(rules.months ?? '')} onChange={(e) => put({ months: whole(e.target.value) })} />
      <Field label="Pulls" inputMode="numeric" value={String(rules.cycles ?? '')} onChange={(e) => put({ cycles: whole(e.target.value) })} />
      <div className="col-span-2">
        <Select label="How it is judged" value={rules.rule} options={RULES} onValueChange={(v) => put({ rule: v as FormRules['rule'] })} />
      </div>
      <Field
        label="“Some” elsewhere counts"
        inputMode="numeric"
        value={String(rules.elsewhere.some)}
        onChange={(e) => put({ elsewhere: { ...rules.elsewhere, some: whole(e.target.value) ?? 0 } })}
      />
      <Field
        label="“Much” elsewhere counts"
        inputMode="numeric"
        value={String(rules.elsewhere.much)}
        onChange={(e) => put({ elsewhere: { ...rules.elsewhere, much: whole(e.target.value) ?? 0 } })}
      />
    </div>
  );
}
