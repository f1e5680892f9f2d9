import { type Fastener, withField, withInner } from '@/lib/document';
import {
  CYCLES_FIELD,
  type Choices,
  FASTENER_FIELDS,
  GEOMETRY_FIELDS,
  MEMBER_FIELDS,
  MORE_FASTENER_FIELDS,
  SPENT_FIELD,
  MORE_GEOMETRY_FIELDS,
  SHANK_FIELDS,
} from '@/lib/fields';
import { RemoveButton } from '@/ui/RemoveButton';
import { FieldGrid } from '@/ui/FieldGrid';
import { type Thing, ThingList, thingsOf } from '@/ui/ThingList';
import { Pictures } from './Pictures';

type Props = {
  fastener: Fastener;
  no: number;
  choices: Choices;
  onChange: (what: string, next: (fastener: Fastener) => Fastener) => void;
  onRemove: () => void;
};

/** One kind of fastener as the hand knows it, and what the estimates need. Any datum may be absent. */
export function FastenerForm({ fastener, no, choices, onChange, onRemove }: Props) {
  const geometry = fastener.geometry ?? {};
  const own = (field: string, value: unknown) => onChange(field, (f) => withField(f, field, value));
  const measured = (field: string, value: unknown) => onChange(field, (f) => withInner(f, 'geometry', field, value));
  return (
    <fieldset className="border-b border-hair pb-4">
      <legend className="sr-only">Fastener {no}</legend>
      <div className="flex items-center justify-between">
        <h2 className="text-lg">Fastener {no}</h2>
        <RemoveButton label={`Take fastener ${String(no)} out`} onClick={onRemove} />
      </div>
      <div className="mt-1 flex flex-col gap-3">
        <FieldGrid
          fields={[...FASTENER_FIELDS, ...(fastener.reuse === 'up_to' ? [CYCLES_FIELD] : []), ...(fastener.reuse === 'never' ? [SPENT_FIELD] : [])]}
          of={fastener}
          onPut={own}
          choices={choices}
        />
        <FieldGrid fields={GEOMETRY_FIELDS} of={geometry} onPut={measured} choices={choices} />
        <details>
          <summary className="cursor-pointer text-soft">More about this fastener</summary>
          <div className="mt-2 flex flex-col gap-3">
            <FieldGrid fields={MORE_GEOMETRY_FIELDS} of={geometry} onPut={measured} choices={choices} />
            <div className="grid grid-cols-2 gap-6">
              <ShankAndMembers no={no} geometry={geometry} choices={choices} onChange={onChange} />
            </div>
            <FieldGrid fields={MORE_FASTENER_FIELDS} of={fastener} onPut={own} choices={choices} />
            <Pictures of={fastener} name={fastener.name} onPut={own} />
          </div>
        </details>
      </div>
    </fieldset>
  );
}

type ListsProps = Pick<Props, 'no' | 'choices' | 'onChange'> & { geometry: Record<string, unknown> };

/** What is stretched and what is clamped, piece by piece. */
function ShankAndMembers({ no, geometry, choices, onChange }: ListsProps) {
  const put = (list: 'shank' | 'members') => (what: string, next: Thing[]) => onChange(`${list} ${what}`, (f) => withInner(f, 'geometry', list, next));
  return (
    <>
      <ThingList
        another="Another segment of the shank"
        one={`segment of fastener ${String(no)}`}
        columns="grid-cols-2"
        fields={SHANK_FIELDS}
        things={thingsOf(geometry.shank)}
        choices={choices}
        onChange={put('shank')}
        fresh={() => ({ length: '', diameter: '' })}
      />
      <ThingList
        another="Another clamped member"
        one={`member of fastener ${String(no)}`}
        columns="grid-cols-2"
        fields={MEMBER_FIELDS}
        things={thingsOf(geometry.members)}
        choices={choices}
        onChange={put('members')}
        fresh={() => ({ material: '', thickness: typeof geometry.grip_length === 'string' ? geometry.grip_length : '' })}
      />
    </>
  );
}
