import { useState } from 'react';
import { TextArea } from '@/ui/TextArea';

type Props = {
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
  /** What is wrong with it where it is JSON but of no use here. */
  wrong?: (value: object) => string | null;
  rows?: number;
  className?: string;
};

/** A part of the document as text. It is taken over as soon as it is JSON; until then what was typed stays and what is wrong is said. */
export function JsonField({ label, value, onChange, wrong = () => null, rows = 8, className = '' }: Props) {
  const [typed, setTyped] = useState<{ text: string; of: unknown } | null>(null);
  const text = typed !== null && (typed.of === value || read(typed.text, wrong).error !== null) ? typed.text : JSON.stringify(value, null, 2);
  const { error } = read(text, wrong);
  return (
    <TextArea
      className={className}
      label={label}
      rows={rows}
      spellCheck={false}
      style={{ fontVariantNumeric: 'tabular-nums' }}
      value={text}
      error={error}
      onChange={(e) => {
        const next = read(e.target.value, wrong);
        setTyped({ text: e.target.value, of: next.error === null ? next.value : value });
        if (next.error === null) onChange(next.value);
      }}
    />
  );
}

function read(text: string, wrong: (value: object) => string | null): { value: unknown; error: string | null } {
  try {
    const value: unknown = JSON.parse(text);
    const error = typeof value === 'object' && value !== null ? wrong(value) : 'something in braces is wanted here';
    return error === null ? { value, error } : { value: null, error: `Not taken over yet: ${error}.` };
  } catch (error) {
    return { value: null, error: `Not taken over yet: ${error instanceof Error ? error.message : 'this is no JSON'}.` };
  }
}
