import type { ButtonHTMLAttributes } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { look?: 'main' | 'plain' | 'fault'; small?: boolean };

const LOOKS = {
  main: 'bg-now text-on-now border-now hover:opacity-90',
  plain: 'bg-sheet text-ink border-line hover:bg-paper',
  fault: 'bg-fault text-paper border-fault hover:opacity-90',
} as const;

/** A button of the desk. */
export function Button({ look = 'plain', small = false, className = '', type = 'button', ...rest }: Props) {
  return (
    <button
      {...rest}
      type={type}
      className={`rounded border text-[15px] ${small ? 'px-3 py-1' : 'px-4 py-2'} font-semibold whitespace-nowrap disabled:cursor-not-allowed disabled:opacity-45 ${LOOKS[look]} ${className}`}
    />
  );
}
