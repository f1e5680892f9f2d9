import type { Fastener } from '@/lib/document';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { Remove } from '@/ui/Remove';
import { HEADS } from '../choices';

type Props = {
  fastener: Fastener;
  no: number;
  onField: (field: string, value: unknown) => void;
  onGeometry: (field: string, value: unknown) => void;
  onRemove: () => void;
};

const REUSE = [
  { value: 'free', text: 'as often as it is good' },
  { value: 'if_check_passes', text: 'if its check passes' },
  { value: 'up_to', text: 'so many tightenings' },
  { value: 'never', text: 'new every time' },
];
const PLAIN = [
  ['name', 'Name', 'M10 × 1.5 × 80 cap bolt, class 10.9'],
  ['thread', 'Thread', 'M10 × 1.5'],
  ['strength', 'Class or grade', '10.9'],
  ['length', 'Length', '80 mm'],
  ['marking', 'Marking on the head', ''],
  ['across_flats', 'Across flats', '16 mm'],
] as const;
const GEOMETRY = [
  ['grip_length', 'Clamped length', '60 mm'],
  ['bearing_diameter', 'Bearing face, outer ⌀', '14.6 mm'],
  ['hole_diameter', 'Hole ⌀', '11 mm'],
] as const;

/** One kind of fastener as the hand knows it, and what the estimates need. Any datum may be absent. */
export function FastenerForm({ fastener, no, onField, onGeometry, onRemove }: Props) {
  const text = (value: unknown) => (typeof value === 'string' ? value : '');
  const geometry = fastener.geometry ?? {};
  const first = (list: unknown): Record<string, unknown> =>
    (Array.isArray(list) ? ((list as unknown[])[0] as Record<string, unknown> | undefined) : undefined) ?? {};
  const [shank, member] = [first(geometry.shank), first(geometry.members)];
  const pair = (field: string, now: Record<string, unknown>, part: string, value: string) => {
    const next = { ...now, [part]: value };
    onGeometry(field, Object.values(next).every((v) => v === '') ? undefined : [next]);
  };
  return (
    <fieldset className="border-b border-hair pb-4">
      <legend className="sr-only">Fastener {no}</legend>
      <div className="flex items-center justify-between">
        <h2 className="text-lg">Fastener {no}</h2>
        <Remove label={`Take fastener ${String(no)} out`} onClick={onRemove} />
      </div>
      <div className="mt-1 grid grid-cols-3 gap-x-3 gap-y-2">
        {PLAIN.map(([field, label, example]) => (
          <Field
            key={field}
            label={label}
            placeholder={example}
            value={text(fastener[field])}
            onChange={(e) => {
              onField(field, e.target.value);
            }}
          />
        ))}
        <Pick
          label="Head"
          value={fastener.head ?? ''}
          onPick={(v) => {
            onField('head', v);
          }}
          options={[{ value: '', text: 'not said' }, ...HEADS]}
        />
        <Pick
          label="Used again"
          value={fastener.reuse}
          onPick={(v) => {
            onField('reuse', v);
          }}
          options={REUSE}
        />
        {fastener.reuse === 'up_to' ? (
          <Field
            label="Tightenings in all"
            inputMode="numeric"
            value={fastener.cycles === undefined ? '' : String(fastener.cycles)}
            onChange={(e) => {
              onField('cycles', e.target.value === '' ? undefined : Number(e.target.value) || e.target.value);
            }}
          />
        ) : (
          <Field
            label="Drive"
            value={text(fastener.drive)}
            onChange={(e) => {
              onField('drive', e.target.value);
            }}
          />
        )}
        {GEOMETRY.map(([field, label, example]) => (
          <Field
            key={field}
            label={label}
            placeholder={example}
            value={text(geometry[field])}
            onChange={(e) => {
              onGeometry(field, e.target.value);
            }}
          />
        ))}
        <Field
          label="Shank length"
          value={text(shank.length)}
          placeholder="42 mm"
          onChange={(e) => {
            pair('shank', { diameter: '', ...shank }, 'length', e.target.value);
          }}
        />
        <Field
          label="Shank ⌀"
          value={text(shank.diameter)}
          placeholder="10 mm"
          onChange={(e) => {
            pair('shank', { length: '', ...shank }, 'diameter', e.target.value);
          }}
        />
        <Field
          label="Clamped members of"
          value={text(member.material)}
          placeholder="steel"
          onChange={(e) => {
            pair('members', { thickness: text(geometry.grip_length), ...member }, 'material', e.target.value);
          }}
        />
      </div>
    </fieldset>
  );
}
