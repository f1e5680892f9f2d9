import { newKey, withField } from '@/lib/document';
import { FAULT_FIELDS } from '@/lib/fault-fields';
import { CONSUMABLE_FIELDS, choicesAt } from '@/lib/fields';
import { type Thing, ThingList, thingsOf } from '@/ui/ThingList';
import { Marks } from './Marks';
import { Rigging } from './Rigging';
import { Titled } from './Titled';
import type { Editing } from './editor';

/** What the bench has to know beside the rounds: marks, what is used up, what goes in and comes out, and a maker's own rules for when it goes wrong. */
export function BenchTab({ doc, edit }: Editing) {
  const choices = choicesAt(doc);
  const consumables = thingsOf(doc.consumables);
  return (
    <div className="flex flex-col gap-6 px-7 py-4">
      <Marks doc={doc} edit={edit} />
      <Titled title="What is used up">
        <ThingList
          empty="Gaskets, seals, locker, gauge strip. Which round uses them is said at the round."
          another="Another thing used up"
          one="thing used up"
          fields={CONSUMABLE_FIELDS}
          things={consumables}
          choices={choices}
          onChange={(what, next) => edit(`consumables ${what}`, (d) => withField(d, 'consumables', next))}
          fresh={() => freshConsumable(consumables)}
        />
      </Titled>
      <Rigging doc={doc} edit={edit} />
      <Titled title="When something goes wrong">
        <ThingList
          empty="The shop’s usual rules hold. A rule stands here only where a source demands another one."
          another="A rule of a source’s own"
          one="rule"
          fields={FAULT_FIELDS}
          things={thingsOf(doc.fault_overrides)}
          choices={choices}
          onChange={(what, next) => edit(`fault rules ${what}`, (d) => withField(d, 'fault_overrides', next))}
          fresh={() => ({ fault: 'gave_way', undo: 'beginning', source: doc.sources[0]?.key ?? '' })}
        />
      </Titled>
    </div>
  );
}

function freshConsumable(consumables: Thing[]): Thing {
  const taken = consumables.map((t) => String(t.key));
  return { key: newKey('item', taken), kind: 'gasket', name: '' };
}
