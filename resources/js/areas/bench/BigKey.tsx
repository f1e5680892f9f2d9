import type { ButtonHTMLAttributes } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { cap?: string; look?: 'main' | 'plain' | 'fault'; waits?: string | null };

const LOOKS = {
  main: 'bg-now text-on-now border-now',
  plain: 'bg-sheet text-ink border-line',
  fault: 'bg-fault text-paper border-fault',
} as const;

const DEAD = 'border-dashed border-hair bg-transparent text-soft';

/** A key for gloves: 96 px high, with the cap of the numeric pad that does the same. A dead one is dashed and says what it waits for. */
export function BigKey({ cap, look = 'plain', waits = null, className = '', children, disabled, ...rest }: Props) {
  const dead = waits !== null;
  return (
    <button
      {...rest}
      type="button"
      disabled={disabled === true || dead}
      className={`flex h-24 items-center gap-4 rounded border-2 px-5 portrait:gap-3 portrait:px-3 text-left text-xl leading-tight font-semibold ${dead ? DEAD : `disabled:opacity-45 ${LOOKS[look]}`} ${className}`}
    >
      {cap !== undefined && (
        <kbd className={`rounded border px-2.5 py-1 font-sans text-lg ${look === 'plain' ? 'border-line' : 'border-current'}`} aria-hidden="true">
          {cap}
        </kbd>
      )}
      <span className="min-w-0 break-words">{dead ? waits : children}</span>
    </button>
  );
}
