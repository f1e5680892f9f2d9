import type { InputHTMLAttributes } from 'react';

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> & { label: string; onType: (value: string) => void };

/** An input within a table, whose column head says what it is. */
export function Cell({ label, onType, className = '', ...rest }: Props) {
  return (
    <input
      {...rest}
      aria-label={label}
      className={`h-[34px] w-full rounded border border-hair bg-sheet px-2 ${className}`}
      onChange={(e) => onType(e.target.value)}
    />
  );
}
