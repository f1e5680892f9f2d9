import { newKey, stageKeys, withField } from '@/lib/document';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { JsonField } from './JsonField';
import type { ChangeStage } from './StageRung';
import { TargetRows } from './TargetRows';
import type { Editing } from './editor';
import { MORE, STAGE_KINDS, WITH_ORDER, WITH_TARGETS, freshStage } from './stages';
import type { Stage } from '@/lib/document';

type Props = { editing: Editing; stage: Stage; onChange: ChangeStage };

/** One round: who gets what, in which window, in which order, and why. */
export function StageForm({ editing, stage, onChange }: Props) {
  const { doc } = editing;
  const kind = stage.kind ?? '';
  const put = (field: string) => (value: unknown) => {
    onChange(field, (s) => withField(s, field, value));
  };
  const text = (field: string) => (typeof stage[field] === 'string' ? stage[field] : '');
  return (
    <div className="flex flex-col gap-3 px-3 pt-1 pb-4">
      {stage.stages ? (
        <BlockFields stage={stage} editing={editing} onChange={onChange} />
      ) : (
        <div className="grid grid-cols-3 gap-3">
          <Pick label="Kind" value={kind} onPick={put('kind')} options={STAGE_KINDS} />
          <Field
            label="Name, where it needs one"
            value={stage.name ?? ''}
            onChange={(e) => {
              put('name')(e.target.value);
            }}
          />
          {WITH_ORDER.includes(kind) && <OrderPick editing={editing} stage={stage} onPick={put('sequence')} />}
          {kind === 'check' && (
            <Pick
              label="Which check"
              value={text('check')}
              onPick={put('check')}
              options={[{ value: '', text: 'choose …' }, ...(doc.checks ?? []).map((c) => ({ value: c.key, text: c.name }))]}
            />
          )}
        </div>
      )}
      {WITH_TARGETS.includes(kind) && <TargetRows doc={doc} stage={stage} onChange={onChange} />}
      <Field
        label="Why"
        value={stage.why ?? ''}
        placeholder="people skip what nobody explains"
        onChange={(e) => {
          put('why')(e.target.value);
        }}
      />
      <details>
        <summary className="cursor-pointer text-soft">More about this round</summary>
        <div className="mt-2 grid grid-cols-3 gap-3">
          {MORE.filter((m) => m.kinds.includes(kind)).map((m) =>
            m.options ? (
              <Pick
                key={m.field}
                label={m.label}
                value={text(m.field)}
                onPick={put(m.field)}
                options={[{ value: '', text: 'as usual' }, ...m.options.map((value) => ({ value, text: value.replaceAll('_', ' ') }))]}
              />
            ) : (
              <Field
                key={m.field}
                label={m.label}
                value={text(m.field)}
                placeholder={m.example ?? ''}
                onChange={(e) => {
                  put(m.field)(e.target.value);
                }}
              />
            ),
          )}
          {['torque', 'turn', 'stretch'].includes(kind) && (
            <label className="flex items-end gap-2 pb-2">
              <input
                type="checkbox"
                className="size-4 accent-now"
                checked={stage.loading === true}
                onChange={(e) => {
                  put('loading')(e.target.checked);
                }}
              />
              counts as one use of the fastener
            </label>
          )}
        </div>
        <JsonField
          className="mt-3"
          label="All of it, as text"
          value={stage}
          onChange={(next) => {
            onChange('text', () => next as Stage);
          }}
        />
      </details>
    </div>
  );
}

function OrderPick({ editing, stage, onPick }: { editing: Editing; stage: Stage; onPick: (value: unknown) => void }) {
  const own = Array.isArray(stage.sequence);
  return (
    <Pick
      label="Order"
      value={Array.isArray(stage.sequence) ? '=' : (stage.sequence ?? '')}
      onPick={(v) => {
        if (v !== '=') onPick(v);
      }}
      options={[
        { value: '', text: 'as the round before' },
        ...(own ? [{ value: '=', text: 'an order of its own' }] : []),
        ...(editing.doc.sequences ?? []).map((s) => ({ value: s.key, text: s.key })),
      ]}
    />
  );
}

const WAYS = [
  { value: 'part_by_part', text: 'part by part' },
  { value: 'pairs', text: 'pair by pair' },
  { value: 'sub_groups', text: 'what can be reached, then the rest' },
];

function BlockFields({ stage, editing, onChange }: Props) {
  return (
    <div className="grid grid-cols-3 items-end gap-3">
      <Pick
        label="Its rounds go"
        value={stage.traversal ?? ''}
        onPick={(v) => {
          onChange('traversal', (s) => withField(s, 'traversal', v));
        }}
        options={WAYS}
      />
      <Button
        small
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
