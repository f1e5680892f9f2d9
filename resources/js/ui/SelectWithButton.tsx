import { useState } from 'react';
import { Button } from './Button';
import { Select } from './Select';

type Props = {
  label: string;
  options: readonly { value: string; text: string }[];
  verb: string;
  onDo: (value: string) => void;
  disabled?: boolean;
  className?: string;
};

/** One of several, and then a button: with the keyboard one passes over the others on the way, and passing over is no choice. */
export function SelectWithButton({ label, options, verb, onDo, disabled = false, className = '' }: Props) {
  const [value, setValue] = useState('');
  const chosen = options.some((o) => o.value === value) ? value : (options[0]?.value ?? '');
  return (
    <div className={`flex items-end gap-2 ${className}`}>
      <Select className="min-w-0 grow" label={label} value={chosen} onValueChange={setValue} options={options} disabled={disabled || options.length === 0} />
      <Button className="h-[42px] shrink-0" small disabled={disabled || chosen === ''} onClick={() => onDo(chosen)}>
        {verb}
      </Button>
    </div>
  );
}
