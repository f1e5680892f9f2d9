import { type Doc, type Leg, type Stage, changed, keyAmong, newKey, stageKeys, withField, without } from '@/lib/document';
import { BLOCK_PARTS, LEG_FIELDS, choicesAt } from '@/lib/fields';
import { freshStage } from '@/lib/stages';
import { AddButton } from '@/ui/AddButton';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { FieldGrid } from '@/ui/FieldGrid';
import type { ChangeStage } from './StageRung';
import type { Editing } from './editor';

type Props = { editing: Editing; stage: Stage; onChange: ChangeStage };

const WAYS = [
  { value: 'part_by_part', text: 'part by part' },
  { value: 'pairs', text: 'pair by pair' },
  { value: 'sub_groups', text: 'what can be reached, then the rest' },
];

/** Rounds that are carried out for one leg after another: each part, each pair, what the shaft lets one reach. */
export function BlockForm({ editing, stage, onChange }: Props) {
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-3 items-end gap-3">
        <Select
          label="Its rounds go"
          value={stage.traversal ?? ''}
          onValueChange={(v) => onChange('traversal', (s) => withField(s, 'traversal', v))}
          options={WAYS}
        />
        <Field className="col-span-2" label="Why so" value={stage.why ?? ''} onChange={(e) => onChange('why', (s) => withField(s, 'why', e.target.value))} />
      </div>
      <Legs editing={editing} stage={stage} onChange={onChange} />
      <Button
        small
        className="self-start"
        onClick={() => {
          onChange('inner', (s) => ({
            ...s,
            stages: [...(s.stages ?? []), freshStage(editing.doc, 'torque', newKey('torque', stageKeys(editing.doc.stages)))],
          }));
        }}
      >
        A round in it
      </Button>
    </div>
  );
}

function Legs({ editing, stage, onChange }: Props) {
  const { doc, selected } = editing;
  const legs = stage.legs ?? [];
  const put = (next: Leg[]) => onChange('legs', (s) => withField(withField(s, 'legs', next), 'parts', next.length > 0 ? undefined : s.parts));
  return (
    <section>
      {legs.length === 0 && <AsOnTheMap doc={doc} stage={stage} onChange={onChange} />}
      {legs.length > 0 && (
        <ol className="flex flex-col gap-2">
          {legs.map((leg) => (
            <OneLeg
              key={leg.key}
              doc={doc}
              leg={leg}
              onPut={(field, value) => put(changed(legs, leg.key, (l) => withField(l, field, value)))}
              onRemove={() => put(without(legs, leg.key))}
            />
          ))}
        </ol>
      )}
      {selected.length > 0 && (
        <AddButton
          text={`A leg of the ${String(selected.length)} selected on the map`}
          onAdd={() => {
            const key = keyAmong(`leg_${String(legs.length + 1)}`, legs);
            put([...legs, { key, positions: doc.map.positions.map((p) => p.key).filter((k) => selected.includes(k)) }]);
          }}
        />
      )}
    </section>
  );
}

function AsOnTheMap({ doc, stage, onChange }: { doc: Doc; stage: Stage; onChange: ChangeStage }) {
  return (
    <div className="flex flex-col gap-2">
      <p className="text-soft">Leg by leg as the parts stand on the map. For legs of your own, select the first one’s fasteners on the map.</p>
      {doc.map.parts.length > 1 && (
        <FieldGrid fields={[BLOCK_PARTS]} of={stage} choices={choicesAt(doc)} onPut={(field, value) => onChange(field, (s) => withField(s, field, value))} />
      )}
    </div>
  );
}

type LegProps = { doc: Doc; leg: Leg; onPut: (field: string, value: unknown) => void; onRemove: () => void };

function OneLeg({ doc, leg, onPut, onRemove }: LegProps) {
  const its = doc.map.positions.filter((p) => leg.positions?.includes(p.key) === true || leg.parts?.includes(p.part) === true);
  return (
    <li className="border-b border-hair pb-2">
      <fieldset className="flex items-end gap-3">
        <legend className="sr-only">Leg {leg.name ?? leg.key}</legend>
        <div className="grow">
          <FieldGrid columns="grid-cols-2" fields={LEG_FIELDS} of={leg} choices={choicesAt(doc)} onPut={onPut} />
        </div>
        <span className="pb-2.5">no. {its.map((p) => p.number).join(', ')}</span>
        <span className="pb-2">
          <RemoveButton label={`Take leg ${leg.name ?? leg.key} out`} onClick={onRemove} />
        </span>
      </fieldset>
    </li>
  );
}
