import { type SyntheticEvent, useState } from 'react';

type Props = { label: string; placeholder: string; onScan: (code: string) => void; onType?: (text: string) => void };

/** Takes a scan, or what is typed instead of it, and is empty again for the next. */
export function ScanInput({ label, placeholder, onScan, onType }: Props) {
  const [code, setCode] = useState('');
  const put = (text: string) => {
    setCode(text);
    onType?.(text);
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    setCode('');
    onType?.('');
    onScan(code);
  };
  return (
    <form className="mt-4" onSubmit={submit}>
      <input
        aria-label={label}
        placeholder={placeholder}
        autoFocus
        autoComplete="off"
        inputMode="none"
        value={code}
        // The pad's own keys are commands; none of them is part of a number or a code that is typed.
        onChange={(e) => put(e.target.value.startsWith('@') ? e.target.value : e.target.value.replace(/[*/+]/g, ''))}
        className="h-24 w-[26rem] rounded border-[3px] border-now bg-sheet px-5 text-3xl font-semibold placeholder:text-2xl placeholder:font-normal placeholder:text-soft"
      />
    </form>
  );
}
