import { useId } from 'react';
import type { ShopSettings } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';

type Props = { shop: ShopSettings; zones: string[]; onChange: (shop: ShopSettings) => void };

const TORQUE = [
  { value: 'N.m', text: 'N·m' },
  { value: 'lbf.ft', text: 'lbf·ft' },
];
const LENGTH = [
  { value: 'mm', text: 'mm' },
  { value: 'in', text: 'in' },
];

/** What a shop is called, by which clock it works, and in which units forms begin. */
export function ShopForm({ shop, zones, onChange }: Props) {
  const list = useId();
  return (
    <>
      <Field label="The shop is called" value={shop.name} onChange={(e) => onChange({ ...shop, name: e.target.value })} />
      <Field
        label="Time zone"
        list={list}
        value={shop.time_zone}
        hint="“In calibration on that day” means the day on this clock."
        onChange={(e) => onChange({ ...shop, time_zone: e.target.value })}
      />
      <datalist id={list}>
        {zones.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label="Torque, where nothing is printed"
          value={shop.torque_unit}
          placeholder="Choose"
          options={TORQUE}
          onChange={(unit) => onChange({ ...shop, torque_unit: unit as ShopSettings['torque_unit'] })}
        />
        <Choice
          label="Length"
          value={shop.length_unit}
          placeholder="Choose"
          options={LENGTH}
          onChange={(unit) => onChange({ ...shop, length_unit: unit as ShopSettings['length_unit'] })}
        />
      </div>
      <p className="text-sm text-soft">What a source prints stays as it is printed; this is only where a form begins.</p>
    </>
  );
}
