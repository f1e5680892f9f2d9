import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';

export type Fields = Record<string, string>;
type Props = { fields: Fields; onPut: (field: string, value: string) => void; wrong: string | null; fixed?: boolean };

const FORMS = [
  ['click_wrench', 'click wrench'],
  ['dial_wrench', 'dial wrench'],
  ['beam_wrench', 'beam wrench'],
  ['electronic_wrench', 'electronic wrench'],
  ['multiplier', 'torque multiplier'],
  ['angle_gauge', 'angle gauge'],
  ['stretch_gauge', 'stretch gauge'],
  ['dial_indicator', 'dial indicator'],
  ['micrometer', 'micrometer'],
  ['feeler_gauge', 'feeler gauge'],
  ['plastic_gauge', 'plastic gauge'],
  ['adapter', 'adapter'],
  ['powered_driver', 'powered driver, seat only'],
].map(([value = '', text = '']) => ({ value, text }));

const DIRECTIONS = [
  { value: 'clockwise', text: 'clockwise' },
  { value: 'anticlockwise', text: 'anticlockwise' },
  { value: 'clockwise anticlockwise', text: 'both ways' },
];

/** The fields of a tool, as a form; which one was refused is marked. */
export function ToolFieldsForm({ fields, onPut, wrong, fixed = false }: Props) {
  const text = (name: string, label: string, more: { placeholder?: string; hint?: string; disabled?: boolean } = {}) => (
    <Field
      label={label}
      value={fields[name] ?? ''}
      error={wrong === name ? 'This is what was refused.' : null}
      onChange={(e) => onPut(name, e.target.value)}
      {...more}
    />
  );
  return (
    <div className="grid grid-cols-4 gap-x-4 gap-y-3">
      {text('code', 'Number', { placeholder: 'TW-30', disabled: fixed })}
      <div className="col-span-2">{text('name', 'What it is', { placeholder: 'Click wrench, 1/2 in drive' })}</div>
      <Select
        label="Kind"
        value={fields.form ?? ''}
        disabled={fixed && fields.form !== 'wrench'}
        options={[{ value: '', text: 'choose …' }, ...FORMS, ...(fields.form === 'wrench' ? [{ value: 'wrench', text: 'torque wrench' }] : [])]}
        onValueChange={(v) => onPut('form', v)}
      />
      {text('lowest', 'Range from')}
      {text('highest', 'to')}
      {text('unit', 'Unit', { placeholder: 'N·m, lbf·ft, mm, in, °' })}
      {text('resolution', 'Step of its scale')}
      {text('permissible', 'May deviate by', { placeholder: '4 % or 0.01 mm' })}
      <Select label="Used" value={fields.directions ?? 'clockwise'} options={DIRECTIONS} onValueChange={(v) => onPut('directions', v)} />
      {text('class', 'Class', { placeholder: 'II A, where it is known' })}
      {text('threshold', 'Threshold set', { placeholder: '20 N.m' })}
      {text('length', 'Length to grip or fastener', { placeholder: '380 mm' })}
      {text('angle', 'Angle of an adapter', { placeholder: '90 deg' })}
      {text('months', 'Months between calibrations')}
      {text('cycles', 'Pulls between them')}
      {text('place', 'Drawer or place')}
      {text('owner', 'Belongs to')}
    </div>
  );
}
