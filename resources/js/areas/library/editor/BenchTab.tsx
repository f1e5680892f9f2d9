import { newKey, withField, withInner } from '@/lib/document';
import { Another } from '@/ui/Another';
import { Remove } from '@/ui/Remove';
import { FieldGrid } from './FieldGrid';
import type { Editing } from './editor';
import { CONSUMABLE_FIELDS, type FieldSpec, FAULT_FIELDS, MARK_FIELDS, choicesAt } from './fields';

type Thing = Record<string, unknown>;

/** What the bench has to know beside the rounds: marks, what is used up, and a maker's own rules for when it goes wrong. */
export function BenchTab({ doc, edit }: Editing) {
  const choices = choicesAt(doc);
  return (
    <div className="flex flex-col gap-6 px-7 py-4">
      <section>
        <h2 className="mb-2 text-lg">Marks on the metal</h2>
        <FieldGrid
          fields={MARK_FIELDS}
          of={(doc.marks ?? {}) as Thing}
          choices={choices}
          onPut={(field, value) => {
            edit(`marks ${field}`, (d) => withInner(d, 'marks', field, value));
          }}
        />
      </section>
      <List
        title="What is used up"
        empty="Gaskets, seals, locker, gauge strip. Which round uses them is said at the round."
        another="Another thing used up"
        one="thing used up"
        fields={CONSUMABLE_FIELDS}
        things={listOf(doc.consumables)}
        choices={choices}
        onChange={(what, next) => {
          edit(`consumables ${what}`, (d) => withField(d, 'consumables', next));
        }}
        fresh={(things) => ({
          key: newKey(
            'item',
            things.map((t) => String(t.key)),
          ),
          kind: 'gasket',
          name: '',
        })}
      />
      <List
        title="When something goes wrong"
        empty="The shop’s usual rules hold. A rule stands here only where a source demands another one."
        another="A rule of a source’s own"
        one="rule"
        fields={FAULT_FIELDS}
        things={listOf(doc.fault_overrides)}
        choices={choices}
        onChange={(what, next) => {
          edit(`fault rules ${what}`, (d) => withField(d, 'fault_overrides', next));
        }}
        fresh={() => ({ fault: 'gave_way', undo: 'beginning', source: doc.sources[0]?.key ?? '' })}
      />
    </div>
  );
}

const listOf = (value: unknown): Thing[] => (Array.isArray(value) ? (value as Thing[]) : []);

type ListProps = {
  title: string;
  empty: string;
  another: string;
  one: string;
  fields: FieldSpec[];
  things: Thing[];
  choices: ReturnType<typeof choicesAt>;
  onChange: (what: string, next: Thing[]) => void;
  fresh: (things: Thing[]) => Thing;
};

function List({ title, empty, another, one, fields, things, choices, onChange, fresh }: ListProps) {
  return (
    <section>
      <h2 className="mb-2 text-lg">{title}</h2>
      {things.length === 0 && <p className="text-soft">{empty}</p>}
      {things.map((thing, i) => (
        <fieldset key={i} className="mb-3 flex items-start gap-2 border-b border-hair pb-3">
          <legend className="sr-only">{`${one} ${String(i + 1)}`}</legend>
          <div className="grow">
            <FieldGrid
              fields={fields}
              of={thing}
              choices={choices}
              onPut={(field, value) => {
                onChange(
                  `${String(i)} ${field}`,
                  things.map((t, at) => (at === i ? withField(t, field, value) : t)),
                );
              }}
            />
          </div>
          <Remove
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
      <Another
        text={another}
        onAdd={() => {
          onChange('list', [...things, fresh(things)]);
        }}
      />
    </section>
  );
}
