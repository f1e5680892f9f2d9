import { withField } from '@/lib/document';
import type { Choices, FieldSpec } from '@/lib/fields';
import { AddButton } from './AddButton';
import { RemoveButton } from './RemoveButton';
import { FieldGrid } from './FieldGrid';

export type Thing = Record<string, unknown>;

type Props = {
  /** What is said while there is none. */
  empty?: string;
  another: string;
  /** What one of them is called. */
  one: string;
  fields: FieldSpec[];
  columns?: string;
  things: Thing[];
  choices: Choices;
  onChange: (what: string, next: Thing[]) => void;
  fresh: () => Thing;
};

/** A list within the document: each thing with its fields, one more, one less. */
export function ThingList({ empty, another, one, fields, columns, things, choices, onChange, fresh }: Props) {
  return (
    <div>
      {things.length === 0 && empty !== undefined && <p className="text-soft">{empty}</p>}
      {things.map((thing, i) => (
        <fieldset key={i} className="mb-3 flex items-start gap-2 border-b border-hair pb-3">
          <legend className="sr-only">{`${one} ${String(i + 1)}`}</legend>
          <div className="grow">
            <FieldGrid
              fields={fields}
              of={thing}
              choices={choices}
              {...(columns === undefined ? {} : { columns })}
              onPut={(field, value) => {
                onChange(
                  `${String(i)} ${field}`,
                  things.map((t, at) => (at === i ? withField(t, field, value) : t)),
                );
              }}
            />
          </div>
          <RemoveButton
            label={`Take ${one} ${String(i + 1)} out`}
            onClick={() => {
              onChange(
                'list',
                things.filter((_, at) => at !== i),
              );
            }}
          />
        </fieldset>
      ))}
      <AddButton text={another} onAdd={() => onChange('list', [...things, fresh()])} />
    </div>
  );
}

/** What is there as a list, whatever stands in its place. */
export const thingsOf = (value: unknown): Thing[] => (Array.isArray(value) ? (value as Thing[]) : []);
