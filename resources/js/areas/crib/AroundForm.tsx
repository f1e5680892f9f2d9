import type { CalibrationForm, ReadingsRead } from '@/api/types';
import { fileText } from '@/lib/file-text';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { Field } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { Refusal } from '@/ui/Refusal';
import { Select } from '@/ui/Select';
import type { Around } from './calibration';
import { readReadings, useToolCommand } from './queries';

type Props = {
  form: CalibrationForm;
  around: Around;
  onPut: (field: keyof Around, value: string) => void;
  onNext: () => void;
  onReadings: (read: ReadingsRead) => void;
};

const LABORATORIES = [
  { value: 'own', text: 'here' },
  { value: 'outside', text: 'an outside laboratory' },
];

const FOUND = [
  { value: '', text: 'it is read as it was found' },
  { value: 'new', text: 'it is new' },
  { value: 'unread', text: 'it cannot be read any more' },
];

const NO_ADAPTER = { value: '', text: 'none' };

/** What a calibration rests on: the day, the standard, who and where, the climate. */
export function AroundForm({ form, around, onPut, onNext, onReadings }: Props) {
  const bind: Bind = (field) => ({ value: around[field], onChange: (e: { target: { value: string } }) => onPut(field, e.target.value) });
  return (
    <form
      className="max-w-5xl px-7 py-5"
      onSubmit={(e) => {
        e.preventDefault();
        onNext();
      }}
    >
      <div className="grid grid-cols-4 gap-x-4 gap-y-4">
        <Field label="Calibrated on" type="date" {...bind('calibrated_on')} />
        <Select label="Where" value={around.laboratory} options={LABORATORIES} onValueChange={(v) => onPut('laboratory', v)} />
        <div className="col-span-2">
          <Standards form={form} around={around} onPut={onPut} />
        </div>
        {around.laboratory === 'outside' && <Outside bind={bind} />}
        <Field label="Number of the certificate" maxLength={60} autoFocus {...bind('certificate')} />
        <Before bind={bind} />
        {form.adapters.length > 0 && (
          <Select
            label="Adapter on it"
            value={around.adapter}
            options={[NO_ADAPTER, ...form.adapters.map((a) => ({ value: a.code, text: a.words }))]}
            onValueChange={(v) => onPut('adapter', v)}
          />
        )}
        <Select label="As found" value={around.not_found} options={FOUND} onValueChange={(v) => onPut('not_found', v)} />
      </div>
      <Terms form={form} />
      <div className="mt-4 flex items-end gap-6">
        <Button look="main" type="submit">
          On to the readings
        </Button>
        <FromFile code={form.code} onReadings={onReadings} />
      </div>
    </form>
  );
}

/** In which directions it is read, and by what it is judged. */
function Terms({ form }: { form: CalibrationForm }) {
  return (
    <p className="mt-4 max-w-prose text-[15px] text-soft">
      {form.directions.length > 1 ? 'It is used clockwise and anticlockwise, and so it is read. ' : ''}
      {form.rule_words} {form.note}
    </p>
  );
}

/** Readings that a checker has written into a file. */
function FromFile({ code, onReadings }: { code: string; onReadings: (read: ReadingsRead) => void }) {
  const read = useToolCommand((text: string) => readReadings(code, text));
  return (
    <div className="text-[15px]">
      <FileField
        label="or out of a file: CSV with pass, point, reading (direction, unit); or JSON"
        accept=".csv,.json,text/csv,application/json"
        onChoose={(file) => {
          if (file) void fileText(file).then((text) => read.mutate(text, { onSuccess: onReadings }));
        }}
      />
      <Refusal of={read} className="mt-1" />
    </div>
  );
}

type Bind = (field: keyof Around) => { value: string; onChange: (e: { target: { value: string } }) => void };

/** How often it was loaded before, and in what air. */
function Before({ bind }: { bind: Bind }) {
  return (
    <div className="grid grid-cols-3 gap-3">
      <Field label="Pre-loads" inputMode="numeric" {...bind('preloads')} />
      <Field label="°C" inputMode="decimal" {...bind('temperature')} />
      <Field label="% RH" inputMode="decimal" {...bind('humidity')} />
    </div>
  );
}

/** Which laboratory, by whose leave, for what, and until when its certificate holds. */
function Outside({ bind }: { bind: Bind }) {
  return (
    <>
      <Field label="Laboratory" maxLength={120} {...bind('laboratory_name')} />
      <Field label="Accreditation" maxLength={120} {...bind('accreditation')} />
      <Field label="Scope" maxLength={120} {...bind('scope')} />
      <Field label="Its certificate ends on" type="date" {...bind('valid_until')} />
    </>
  );
}

function Standards({ form, around, onPut }: Pick<Props, 'form' | 'around' | 'onPut'>) {
  if (form.standards.length === 0)
    return (
      <div>
        <p className="mb-1 text-sm text-soft">Against</p>
        <ButtonLink to="/crib/standards">Say first what it is calibrated against</ButtonLink>
      </div>
    );
  const named = form.standards.map((s) => ({
    value: s.id,
    text: `${s.code}, ${s.name}: ${s.good ? `good until ${calendarDay(s.valid_until)}` : `ended ${calendarDay(s.valid_until)}`}`,
  }));
  const none = around.laboratory === 'outside' ? [{ value: '', text: 'the one on its certificate' }] : [];
  return <Select label="Against" value={around.standard} options={[...none, ...named]} onValueChange={(v) => onPut('standard', v)} />;
}
