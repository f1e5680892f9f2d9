import type { FormRules } from '@/api/types';
import { AddButton } from '@/ui/AddButton';
import { Field } from '@/ui/Field';
import { RemoveButton } from '@/ui/RemoveButton';
import { Select } from '@/ui/Select';

type Line = FormRules['template'][number];
type Props = { lines: Line[]; onChange: (lines: Line[]) => void };

const SOURCES = [
  { value: 'standard', text: 'certificate of the standard' },
  { value: 'resolution', text: 'half a step of the scale' },
  { value: 'repeatability', text: 'these readings' },
  { value: 'fixed', text: 'a width found once' },
];

const WIDTHS = [
  { value: 'percent', text: '% of the value' },
  { value: 'unit', text: 'in the tool’s unit' },
];

/** The template of an uncertainty: its terms, each with where it comes from. */
export function TemplateLines({ lines, onChange }: Props) {
  const put = (i: number, next: Partial<Line>) => onChange(lines.map((l, n) => (n === i ? { ...l, ...next } : l)));
  return (
    <fieldset className="my-4">
      <legend className="mb-1 font-semibold">What makes up the uncertainty</legend>
      {lines.map((line, i) => (
        <TemplateLine key={i} n={i + 1} line={line} onPut={(next) => put(i, next)} onRemove={() => onChange(lines.filter((_, n) => n !== i))} />
      ))}
      <AddButton text="Add a term" onAdd={() => onChange([...lines, { name: '', source: 'fixed', width: '0', in: 'percent' }])} />
    </fieldset>
  );
}

type LineProps = { n: number; line: Line; onPut: (next: Partial<Line>) => void; onRemove: () => void };

function TemplateLine({ n, line, onPut, onRemove }: LineProps) {
  const term = `term ${String(n)}`;
  const from = (source: string) =>
    onPut(source === 'fixed' ? { source, width: line.width ?? '0', in: line.in ?? 'percent' } : { source: source as Line['source'] });
  return (
    <div className="grid grid-cols-[1fr_14rem_6rem_10rem_auto] items-center gap-3 py-1">
      <Field label="" aria-label={`Name of ${term}`} value={line.name} onChange={(e) => onPut({ name: e.target.value })} />
      <Select label={`Where ${term} comes from`} hideLabel value={line.source} options={SOURCES} onValueChange={from} />
      {line.source === 'fixed' ? (
        <>
          <Field
            label=""
            aria-label={`Whole width of ${term}`}
            inputMode="decimal"
            value={line.width ?? ''}
            onChange={(e) => onPut({ width: e.target.value })}
          />
          <Select
            label={`Unit of ${term}`}
            hideLabel
            value={line.in ?? 'percent'}
            options={WIDTHS}
            onValueChange={(v) => onPut({ in: v as 'percent' | 'unit' })}
          />
        </>
      ) : (
        <span className="col-span-2" />
      )}
      <RemoveButton label={`Take ${term} out`} onClick={onRemove} />
    </div>
  );
}
