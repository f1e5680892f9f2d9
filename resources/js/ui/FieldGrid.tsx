import type { Choices, FieldSpec } from '@/lib/fields';
import { Field } from './Field';
import { Select } from './Select';
import { Checkbox } from './Checkbox';

type Props = {
  fields: FieldSpec[];
  of: Record<string, unknown>;
  onPut: (field: string, value: unknown) => void;
  choices: Choices;
  /** Columns of the grid; ticks and lists of them stand below it. */
  columns?: string;
};

/** The fields of one thing of the document, as it says of each what it is. */
export function FieldGrid({ fields, of, onPut, choices, columns = 'grid-cols-3' }: Props) {
  const ticks = fields.filter((f) => f.as === 'tick');
  return (
    <div className="flex flex-col gap-3">
      <div className={`grid ${columns} gap-3 empty:hidden`}>
        {fields.map((f) => f.as !== 'tick' && f.as !== 'several' && <OneField key={f.field} spec={f} of={of} onPut={onPut} choices={choices} />)}
      </div>
      {ticks.length > 0 && (
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {ticks.map((f) => (
            <Checkbox key={f.field} checked={of[f.field] === true} onCheckedChange={(on) => onPut(f.field, on)}>
              {f.label}
            </Checkbox>
          ))}
        </div>
      )}
      {fields.map((f) => f.as === 'several' && <Several key={f.field} spec={f} of={of} onPut={onPut} choices={choices} />)}
    </div>
  );
}

type OneProps = Omit<Props, 'fields' | 'columns'> & { spec: FieldSpec };

function OneField({ spec, of, onPut, choices }: OneProps) {
  const value = of[spec.field];
  const put = (next: unknown) => onPut(spec.field, next);
  if (spec.as === 'one' || spec.as === 'one-of') {
    const options = spec.as === 'one' ? spec.options : choices[spec.from];
    const chosen = typeof value === 'string' ? value : '';
    // What the document says is shown even where it is none of what may be chosen: the core says what is wrong with it.
    const odd = chosen !== '' && !options.some((o) => o.value === chosen) ? [{ value: chosen, text: chosen.replaceAll('_', ' ') }] : [];
    return <Select label={spec.label} value={chosen} onValueChange={put} options={[{ value: '', text: spec.usual ?? 'choose …' }, ...odd, ...options]} />;
  }
  const missing = typeof value === 'object' && value !== null && 'missing' in value ? String(value.missing) : null;
  return (
    <Field
      hint={missing === null ? undefined : `not to be had yet: ${missing}`}
      className={spec.as === 'text' && spec.wide === true ? 'col-span-3' : ''}
      label={spec.label}
      inputMode={spec.as === 'number' ? 'numeric' : 'text'}
      value={typeof value === 'string' || typeof value === 'number' ? String(value) : ''}
      placeholder={spec.as === 'text' ? (spec.example ?? '') : ''}
      onChange={(e) => {
        const typed = e.target.value;
        put(spec.as === 'number' && /^\d+$/.test(typed) ? Number(typed) : typed);
      }}
    />
  );
}

function Several({ spec, of, onPut, choices }: OneProps) {
  const options = spec.as === 'several' ? choices[spec.from] : [];
  const value = of[spec.field];
  const chosen = Array.isArray(value) ? value.filter((v) => typeof v === 'string') : [];
  if (options.length === 0 && chosen.length === 0) return null;
  const lost = chosen.filter((c) => !options.some((o) => o.value === c)).map((c) => ({ value: c, text: c }));
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">{spec.label}</legend>
      <div className="flex flex-wrap gap-x-6 gap-y-1">
        {[...options, ...lost].map((o) => (
          <Checkbox
            key={o.value}
            checked={chosen.includes(o.value)}
            onCheckedChange={(on) => {
              // What is ticked comes last: where the order counts it is that of ticking, and what stood there keeps its own.
              onPut(spec.field, on ? [...chosen, o.value] : chosen.filter((c) => c !== o.value));
            }}
          >
            {o.text}
          </Checkbox>
        ))}
      </div>
    </fieldset>
  );
}
