import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { CalibrationForm, CalibrationLook, ReadingsRead } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { Tabs } from '@/ui/Tabs';
import { Loaded } from '@/ui/states';
import { AroundForm } from '../AroundForm';
import { BudgetLines } from '../BudgetLines';
import { ReadingGrid } from '../ReadingGrid';
import { type Around, type Cells, type Pass, emptyCells, fromFile, typed, wanting } from '../calibration';
import { record, useCalibrationForm, useLook, useToolCommand } from '../queries';

/** A calibration: what it was held against, as found, what was done, as left. */
export function Calibrate() {
  const { tool = '' } = useParams();
  const form = useCalibrationForm(tool);
  return <Loaded query={form}>{(data) => <Entry key={data.code} form={data} />}</Loaded>;
}

type Step = 'around' | Pass;

function begin(form: CalibrationForm): Around {
  return {
    calibrated_on: form.today,
    standard: form.standards.find((s) => s.good)?.id ?? '',
    certificate: '',
    valid_until: '',
    adapter: '',
    preloads: String(form.preloads),
    temperature: '',
    humidity: '',
    laboratory: 'own',
    laboratory_name: '',
    accreditation: '',
    scope: '',
    adjustment: 'none',
    not_found: '',
  };
}

/** What is typed so far, and how it is changed; a file may bring points of its own. */
function useTyped(shop: CalibrationForm) {
  const [around, setAround] = useState<Around>(() => begin(shop));
  const [cells, setCells] = useState<Cells>(() => emptyCells(shop));
  const [points, setPoints] = useState(shop.points);
  const put = (field: keyof Around, value: string) => setAround((now) => ({ ...now, [field]: value }));
  const take = (read: ReadingsRead) => {
    const file = fromFile(shop, read);
    setPoints(file.points);
    setCells(file.cells);
    if (file.adjusted) put('adjustment', 'adjusted');
  };
  return { form: { ...shop, points }, around, put, cells, setCells, take };
}

function Entry({ form: shop }: { form: CalibrationForm }) {
  const { form, around, put, cells, setCells, take } = useTyped(shop);
  const [step, setStep] = useState<Step>('around');
  const look = useLook(form.code, typed(form, cells, around));
  const grid = (pass: Pass) => (
    <PassView
      form={form}
      pass={pass}
      cells={cells[pass]}
      onCells={(next) => setCells((all) => ({ ...all, [pass]: next }))}
      look={look.data ?? null}
      error={look}
      around={around}
      onPut={put}
    />
  );
  const next = () => setStep(around.not_found === '' ? 'as_found' : 'as_left');
  const onReadings = (read: ReadingsRead) => {
    take(read);
    next();
  };
  const views = [
    { key: 'around', name: 'Against what', body: <AroundForm form={form} around={around} onPut={put} onNext={next} onReadings={onReadings} /> },
    { key: 'as_found', name: 'As found', body: around.not_found === '' ? grid('as_found') : <Unread around={around} /> },
    { key: 'as_left', name: 'As left', body: around.adjustment === 'none' && around.not_found === '' ? <AsItWas /> : grid('as_left') },
  ];
  return (
    <main className="flex grow flex-col">
      <Head form={form} around={around} />
      <Tabs label="Steps" value={step} onChange={(s) => setStep(s as Step)} views={views} />
      <Keep form={form} around={around} cells={cells} step={step} onStep={setStep} look={look.data ?? null} />
    </main>
  );
}

function Head({ form, around }: { form: CalibrationForm; around: Around }) {
  const standard = form.standards.find((s) => s.id === around.standard);
  return (
    <header className="flex items-center gap-7 px-7 pt-4 pb-3">
      <h1 className="wide text-[40px] font-bold whitespace-nowrap">{form.code}</h1>
      <div>
        <p className="text-lg font-semibold">Calibration of {calendarDay(around.calibrated_on || form.today)}</p>
        <p className="text-[15px] text-soft">
          {form.name}, {form.range}, steps of {form.resolution}, may deviate {form.permissible ?? 'nobody has said how far'}
          {standard !== undefined && `; against ${standard.code}, good until ${calendarDay(standard.valid_until)}`}
        </p>
      </div>
    </header>
  );
}

function Unread({ around }: { around: Around }) {
  return (
    <p className="max-w-prose px-7 py-6 text-soft">
      {around.not_found === 'new'
        ? 'It is new: there is nothing to be found.'
        : 'It could not be read as it was found. What was done with it since it was last good stays in doubt until somebody has looked at it.'}
    </p>
  );
}

function AsItWas() {
  return (
    <p className="max-w-prose px-7 py-6 text-soft">
      Nothing was done to it: it is left as it was found. Say under “As found” what was adjusted, where something was.
    </p>
  );
}

type PassProps = {
  form: CalibrationForm;
  pass: Pass;
  cells: string[][];
  onCells: (next: string[][]) => void;
  look: CalibrationLook | null;
  error: { isError: boolean; error: unknown };
  around: Around;
  onPut: (field: keyof Around, value: string) => void;
};

const ADJUSTMENTS = [
  ['none', 'Nothing was done to it'],
  ['adjusted', 'It was adjusted'],
  ['repaired', 'It was repaired'],
  ['part_replaced', 'A part was replaced'],
] as const;

function PassView({ form, pass, cells, onCells, look, error, around, onPut }: PassProps) {
  const found = look?.[pass] ?? null;
  return (
    <div className="px-7 pt-3 pb-4">
      {look?.adapter && <p className="mb-3 font-semibold">{look.adapter}</p>}
      <ReadingGrid form={form} cells={cells} onCells={onCells} look={look} found={found} label={pass === 'as_found' ? 'As found' : 'As left'} />
      <Refusal of={error} className="mt-3" />
      {look !== null && found !== null && (
        <div className="mt-3 grid gap-8 border-t border-line pt-3 lg:grid-cols-2">
          <div>
            <p className={`text-lg leading-snug font-semibold ${found.good ? '' : 'text-fault'}`}>{found.says}</p>
            {found.near.length > 0 && <p className="mt-1">Nearer to the limit than the calibration can tell: {found.near.join(', ')}.</p>}
            <p className="mt-2 text-[15px] text-soft">
              {look.rule_words} {form.note}
            </p>
            {pass === 'as_found' && look.touches !== null && <p className="mt-2 font-semibold">{look.touches}</p>}
            {pass === 'as_found' && (
              <fieldset className="mt-3 flex flex-wrap gap-x-5 gap-y-1">
                <legend className="mb-1 text-sm text-soft">Then</legend>
                {ADJUSTMENTS.map(([value, text]) => (
                  <label key={value} className="flex items-baseline gap-2">
                    <input type="radio" name="adjustment" checked={around.adjustment === value} onChange={() => onPut('adjustment', value)} />
                    {text}
                  </label>
                ))}
              </fieldset>
            )}
          </div>
          <BudgetLines look={look} found={found} />
        </div>
      )}
    </div>
  );
}

type KeepProps = { form: CalibrationForm; around: Around; cells: Cells; step: Step; onStep: (step: Step) => void; look: CalibrationLook | null };

/** The one thing to do next: go on, or keep it. */
function Keep({ form, around, cells, step, onStep, look }: KeepProps) {
  const navigate = useNavigate();
  const keep = useToolCommand(() => record(form.code, typed(form, cells, around)));
  const readsFound = around.not_found === '';
  const readsLeft = around.adjustment !== 'none' || !readsFound;
  if (step === 'around') return null;
  const left = wanting(cells[step]);
  const goesOn = step === 'as_found' && readsLeft;
  const whole =
    (!readsFound || wanting(cells.as_found) === 0 || around.laboratory === 'outside') &&
    (!readsLeft || wanting(cells.as_left) === 0 || around.laboratory === 'outside');
  const fails = look?.as_left === null ? look.as_found?.good === false : look?.as_left?.good === false;
  return (
    <div className="flex items-center gap-5 border-t border-hair px-7 py-4">
      {goesOn ? (
        <Button look="main" disabled={left > 0 && around.laboratory === 'own'} onClick={() => onStep('as_left')}>
          Go on to as left
        </Button>
      ) : (
        <Button
          look="main"
          disabled={!whole || keep.isPending}
          onClick={() => keep.mutate(undefined, { onSuccess: () => void navigate(`/crib/tools/${form.code}`) })}
        >
          {fails ? 'Keep it; the tool stays out of use' : 'Keep the calibration'}
        </Button>
      )}
      <p className="text-soft">
        {left > 0 ? `${String(left)} ${left === 1 ? 'reading is' : 'readings are'} wanted` : goesOn ? '' : `good until ${calendarDay(form.due)} when it passes`}
      </p>
      <Refusal of={keep} />
    </div>
  );
}
