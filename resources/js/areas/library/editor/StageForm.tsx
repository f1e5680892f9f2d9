import { type Stage, unshownStage, withField, withInner } from '@/lib/document';
import { HELD_FIELDS, THEN_FIELDS, TOOL_FIELDS, WITHIN_FIELDS, choicesAt, furtherFields, mayBeLate, neededFields } from '@/lib/fields';
import { STAGE_KINDS, WITH_ORDER, WITH_TARGETS } from '@/lib/stages';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { BlockForm } from './BlockForm';
import { FieldGrid } from '@/ui/FieldGrid';
import { JsonField } from './JsonField';
import { Pictures } from './Pictures';
import type { ChangeStage } from './StageRung';
import { TargetRows } from './TargetRows';
import type { Editing } from './editor';

type Props = { editing: Editing; stage: Stage; onChange: ChangeStage };

/** One round: who gets what, in which window, in which order, and why. */
export function StageForm({ editing, stage, onChange }: Props) {
  return (
    <div className="flex flex-col gap-3 px-3 pt-1 pb-4">
      {stage.stages ? <BlockForm editing={editing} stage={stage} onChange={onChange} /> : <RoundForm editing={editing} stage={stage} onChange={onChange} />}
      <details>
        <summary className="cursor-pointer text-soft">All of it, as text</summary>
        <JsonField className="mt-2" label="Text of this round" value={stage} wrong={unshownStage} onChange={(next) => onChange('text', () => next as Stage)} />
      </details>
    </div>
  );
}

function RoundForm({ editing, stage, onChange }: Props) {
  const { doc } = editing;
  const kind = stage.kind ?? '';
  const put = (field: string, value: unknown) => onChange(field, (s) => withField(s, field, value));
  const inner = (name: string) => ({
    of: (typeof stage[name] === 'object' && stage[name] !== null ? stage[name] : {}) as Record<string, unknown>,
    onPut: (field: string, value: unknown) => onChange(`${name} ${field}`, (s) => withInner(s, name, field, value)),
    choices,
  });
  const choices = choicesAt(doc, stage);
  return (
    <>
      <div className="grid grid-cols-3 gap-3">
        <Select label="Kind" value={kind} onValueChange={(v) => put('kind', v)} options={STAGE_KINDS} />
        <Field label="Name, where it needs one" value={stage.name ?? ''} onChange={(e) => put('name', e.target.value)} />
        {WITH_ORDER.includes(kind) && <OrderPick editing={editing} stage={stage} onPick={put} />}
      </div>
      {neededFields(kind).length > 0 && <FieldGrid fields={neededFields(kind)} of={stage} onPut={put} choices={choices} />}
      {kind === 'hold' && <FieldGrid columns="grid-cols-[1.7fr_1.3fr_1fr_1fr_1fr]" fields={HELD_FIELDS} {...inner('held')} />}
      {WITH_TARGETS.includes(kind) && <TargetRows editing={editing} stage={stage} onChange={onChange} />}
      <Field label="Why" value={stage.why ?? ''} placeholder="people skip what nobody explains" onChange={(e) => put('why', e.target.value)} />
      <details>
        <summary className="cursor-pointer text-soft">More about this round</summary>
        <div className="mt-2 flex flex-col gap-4">
          <FieldGrid fields={furtherFields(kind)} of={stage} onPut={put} choices={choices} />
          {mayBeLate(kind) && <FieldGrid fields={WITHIN_FIELDS} {...inner('within')} />}
          {kind === 'stretch' && <FieldGrid fields={THEN_FIELDS} {...inner('then_by_torque')} />}
          <FieldGrid fields={TOOL_FIELDS} {...inner('tool')} />
          <Pictures of={stage} name={`round ${stage.name ?? stage.key}`} onPut={put} />
        </div>
      </details>
    </>
  );
}

function OrderPick({ editing, stage, onPick }: { editing: Editing; stage: Stage; onPick: (field: string, value: unknown) => void }) {
  const own = Array.isArray(stage.sequence);
  return (
    <Select
      label="Order"
      value={Array.isArray(stage.sequence) ? '=' : (stage.sequence ?? '')}
      onValueChange={(v) => {
        if (v !== '=') onPick('sequence', v);
      }}
      options={[
        { value: '', text: 'as the round before' },
        ...(own ? [{ value: '=', text: 'an order of its own' }] : []),
        ...(editing.doc.sequences ?? []).map((s) => ({ value: s.key, text: s.key })),
      ]}
    />
  );
}
