import { type TextareaHTMLAttributes, useId } from 'react';

type Props = TextareaHTMLAttributes<HTMLTextAreaElement> & { label: string; error?: string | null; hint?: string };

/** A labelled field for more than a line. */
export function TextArea({ label, error, hint, className = '', rows = 3, ...rest }: Props) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      <textarea
        {...rest}
        id={id}
        rows={rows}
        aria-invalid={error ? true : undefined}
        aria-describedby={note ? `${id}-note` : undefined}
        className={`w-full rounded border bg-sheet px-3 py-2 text-ink ${error ? 'border-fault' : 'border-line'}`}
      />
      {note && (
        <p id={`${id}-note`} className={`mt-1 text-sm ${error ? 'text-fault' : 'text-soft'}`}>
          {note}
        </p>
      )}
    </div>
  );
}
