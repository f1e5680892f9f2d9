import { type InputHTMLAttributes, type ReactNode, useId } from 'react';

type Props = InputHTMLAttributes<HTMLInputElement> & { label: string; error?: string | null; hint?: ReactNode };

/** A labelled input; what is wrong with it stands right below it, and what was typed stays. */
export function Field({ label, error, hint, className = '', ...rest }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      <input
        {...rest}
        id={id}
        aria-invalid={error ? true : undefined}
        aria-describedby={error || hint ? `${id}-note` : undefined}
        className={`h-[42px] w-full rounded border bg-sheet px-3 text-ink ${error ? 'border-fault' : 'border-line'}`}
      />
      {(error || hint) && (
        <p id={`${id}-note`} className={`mt-1 text-sm ${error ? 'text-fault' : 'text-soft'}`}>
          {error ?? hint}
        </p>
      )}
    </div>
  );
}
