import { type SelectHTMLAttributes, useId } from 'react';

type Props = Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange'> & {
  label: string;
  hideLabel?: boolean;
  options: readonly { value: string; text: string }[];
  onValueChange: (value: string) => void;
};

/** One of several where many stand in a table: the browser's own, quickest by keyboard. */
export function Select({ label, hideLabel = false, options, onValueChange, className = '', ...rest }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm text-soft'}>
        {label}
      </label>
      <select
        {...rest}
        id={id}
        className={`w-full rounded border bg-sheet px-2 ${hideLabel ? 'h-[34px] border-hair' : 'h-[42px] border-line'}`}
        onChange={(e) => onValueChange(e.target.value)}
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.text}
          </option>
        ))}
      </select>
    </div>
  );
}
