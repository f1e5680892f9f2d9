import { newKey, withField } from '@/lib/document';
import { ADAPTER_FIELDS, AID_FIELDS, type Choices, type FieldSpec, TURN_STOP_FIELDS, choicesAt } from '@/lib/fields';
import { type Thing, ThingList, thingsOf } from '@/ui/ThingList';
import type { Editing } from './editor';
import { Titled } from './Titled';

type ListProps = Pick<Editing, 'doc' | 'edit'> & {
  field: string;
  title: string;
  empty: string;
  another: string;
  one: string;
  fields: FieldSpec[];
  columns?: string;
  choices: Choices;
  fresh: Thing;
};

/** What is put in or on for a while, what reaches where no wrench does, and when the shaft is not turned. */
export function Rigging({ doc, edit }: Pick<Editing, 'doc' | 'edit'>) {
  const choices = choicesAt(doc);
  const shared = { doc, edit, choices };
  return (
    <>
      <RigList
        {...shared}
        field="aids"
        title="What goes in and comes out again"
        empty="Pins, lock tools, plugs, guards, blocking bars. Before which rounds they go in and come out is said at the rounds."
        another="Another aid"
        one="aid"
        fields={AID_FIELDS}
        columns="grid-cols-[1fr_2fr_1.2fr_1fr]"
        fresh={{ key: 'aid', number: '', name: '', kind: 'lock' }}
      />
      <RigList
        {...shared}
        field="adapters"
        title="Adapters"
        empty="Where a wrench alone does not reach. Which fasteners demand one is said on the map."
        another="Another adapter"
        one="adapter"
        fields={ADAPTER_FIELDS}
        fresh={{ key: 'adapter', name: '' }}
      />
      <RigList
        {...shared}
        field="turn_stops"
        title="When the shaft must not be turned"
        empty="The thrust halves are not set, the valves would meet the pistons. Checks that turn it wait until nothing stands in the way."
        another="Another reason"
        one="reason"
        fields={TURN_STOP_FIELDS}
        fresh={{ key: 'stop', why: '' }}
      />
    </>
  );
}

function RigList({ doc, edit, field, title, empty, another, one, fields, columns = 'grid-cols-3', choices, fresh }: ListProps) {
  const things = thingsOf(doc[field]);
  const taken = things.map((t) => String(t.key));
  return (
    <Titled title={title}>
      <ThingList
        empty={empty}
        another={another}
        one={one}
        fields={fields}
        columns={columns}
        things={things}
        choices={choices}
        onChange={(what, next) => edit(`${field} ${what}`, (d) => withField(d, field, next))}
        fresh={() => ({ ...fresh, key: newKey(String(fresh.key), taken) })}
      />
    </Titled>
  );
}
