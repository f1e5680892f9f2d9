import { useState } from 'react';
import { useMay } from '@/api/session';
import type { ReferenceStandard } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { RulesOfForms } from '../RulesOfForms';
import { doubtStandard, keepStandard, useStandards } from '../queries';

/** What calibrations rest on: the reference standards, and by which rules each kind of tool is judged. */
export function Standards() {
  const may = useMay();
  const query = useStandards();
  const [keeping, setKeeping] = useState<ReferenceStandard | 'new' | null>(null);
  const [doubting, setDoubting] = useState<ReferenceStandard | null>(null);
  return (
    <main className="grow px-7 pt-4 pb-7">
      <div className="flex items-center justify-between">
        <h1 className="text-2xl">Reference standards</h1>
        {may('keep-tools') && <Button onClick={() => setKeeping('new')}>Add a standard</Button>}
      </div>
      <Loaded query={query}>
        {({ standards }) =>
          standards.length === 0 ? (
            <Empty>
              What the tools are calibrated against stands here with its certificate: a torque transducer, gauge blocks, an angle encoder. Nothing can be
              calibrated here without one.
            </Empty>
          ) : (
            <Table standards={standards} onRenew={may('keep-tools') ? setKeeping : null} onDoubt={may('work-cases') ? setDoubting : null} />
          )
        }
      </Loaded>
      <RulesOfForms />
      {doubting !== null && <DoubtPanel of={doubting} onClose={() => setDoubting(null)} />}
      {keeping !== null && <KeepPanel of={keeping === 'new' ? null : keeping} onClose={() => setKeeping(null)} />}
    </main>
  );
}

type TableProps = { standards: ReferenceStandard[]; onRenew: ((of: ReferenceStandard) => void) | null; onDoubt: ((of: ReferenceStandard) => void) | null };

function Table({ standards, onRenew, onDoubt }: TableProps) {
  return (
    <table className="mt-3 w-full text-[15px]">
      <TableHead
        columns={[
          'standard',
          'what it is',
          'measures',
          ['known to (k = 2)', 'text-right'],
          ['certificate', 'pl-6'],
          'laboratory',
          ['good', 'text-right'],
          ['', 'w-72'],
        ]}
      />
      <tbody>
        {standards.map((s) => (
          <Standard key={s.id} s={s} onRenew={onRenew} onDoubt={onDoubt} />
        ))}
      </tbody>
    </table>
  );
}

type RowProps = Omit<TableProps, 'standards'> & { s: ReferenceStandard };

function Standard({ s, onRenew, onDoubt }: RowProps) {
  return (
    <tr className="h-9 border-b border-hair">
      <td className="font-semibold">{s.code}</td>
      <td>{s.name}</td>
      <td className="text-soft">{s.measures}</td>
      <td className="text-right">±{s.uncertainty}</td>
      <td className="pl-6 text-soft">{s.certificate}</td>
      <td className="text-soft">{s.laboratory}</td>
      <td className={`text-right whitespace-nowrap ${s.good ? '' : 'font-semibold text-fault'}`}>
        {s.doubted_since === null ? `${s.good ? 'until' : 'ended'} ${calendarDay(s.valid_until)}` : `wrong since ${calendarDay(s.doubted_since)}`}
      </td>
      <td className="text-right">
        {onDoubt !== null && s.doubted_since === null && (
          <Button small onClick={() => onDoubt(s)}>
            It was wrong
          </Button>
        )}
        {onRenew !== null && (
          <Button small onClick={() => onRenew(s)}>
            New certificate
          </Button>
        )}
      </td>
    </tr>
  );
}

const MEASURES = [
  { value: 'torque', text: 'torque' },
  { value: 'angle', text: 'angle' },
  { value: 'length', text: 'length' },
];

function KeepPanel({ of, onClose }: { of: ReferenceStandard | null; onClose: () => void }) {
  const { form, bind, put } = useForm({
    code: of?.code ?? '',
    name: of?.name ?? '',
    measures: of?.measures ?? 'torque',
    uncertainty: of?.uncertainty ?? '',
    certificate: '',
    laboratory: of?.laboratory ?? '',
    valid_from: '',
    valid_until: '',
  });
  return (
    <FormPanel
      title={of === null ? 'A reference standard' : `A new certificate of ${of.code}`}
      note="What was calibrated before keeps the certificate that was in force then."
      verb="Keep it"
      onClose={onClose}
      refreshes={['standards']}
      command={() => keepStandard(form)}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="Number" disabled={of !== null} autoFocus={of === null} {...bind('code')} />
        <Choice label="Measures" value={form.measures} onChange={put('measures')} placeholder="What it measures" options={MEASURES} />
      </div>
      <Field label="What it is" {...bind('name')} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="Uncertainty, k = 2" placeholder="0.4 % or 0.0002 mm" {...bind('uncertainty')} />
        <Field label="Certificate" autoFocus={of !== null} {...bind('certificate')} />
        <Field label="From" type="date" {...bind('valid_from')} />
        <Field label="Until" type="date" {...bind('valid_until')} />
      </div>
      <Field label="Laboratory" {...bind('laboratory')} />
    </FormPanel>
  );
}

/** A standard was wrong: every tool that was calibrated against it since has a case of its own. */
function DoubtPanel({ of, onClose }: { of: ReferenceStandard; onClose: () => void }) {
  const { form, bind } = useForm({ since: '', off: '' });
  return (
    <FormPanel
      fault
      title={`${of.code} was wrong`}
      note="Every tool that was calibrated against it since then is looked back at; those that still rest on it go out of use until they are calibrated anew. Nothing is calibrated against it until it has a new certificate."
      verb="Look back"
      onClose={onClose}
      refreshes={['standards']}
      command={() => doubtStandard(of.id, { since: form.since, off: form.off.trim() === '' ? null : form.off.trim() })}
    >
      <Field label="Since" type="date" autoFocus {...bind('since')} />
      {of.measures === 'torque' && (
        <Field
          label="It showed too much by, %"
          hint="Empty where nobody knows: everything is in doubt then. Below zero where it showed too little."
          inputMode="decimal"
          {...bind('off')}
        />
      )}
    </FormPanel>
  );
}
