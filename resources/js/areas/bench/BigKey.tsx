import type { ButtonHTMLAttributes } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { cap?: string; look?: 'main' | 'plain' | 'fault' };

const LOOKS = {
  main: 'bg-now text-on-now border-now',
  plain: 'bg-sheet text-ink border-line',
  fault: 'bg-fault text-paper border-fault',
} as const;

/** A key for gloves: 96 px high, with the cap of the numeric pad that does the same. */
export function BigKey({ cap, look = 'plain', className = '', children, ...rest }: Props) {
  return (
    <button
      {...rest}
      type="button"
      className={`flex h-24 items-center gap-4 rounded border-2 px-5 portrait:gap-3 portrait:px-3 text-left text-xl leading-tight font-semibold disabled:opacity-45 ${LOOKS[look]} ${className}`}
    >
      {cap !== undefined && (
        <kbd className={`rounded border px-2.5 py-1 font-sans text-lg ${look === 'plain' ? 'border-line' : 'border-current'}`} aria-hidden="true">
          {cap}
        </kbd>
      )}
      <span className="min-w-0 break-words">{children}</span>
    </button>
  );
}
