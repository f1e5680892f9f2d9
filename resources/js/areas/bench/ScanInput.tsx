import { type SyntheticEvent, useState } from 'react';

type Props = { label: string; placeholder: string; scanOnly?: boolean; onScan: (code: string) => void };

/** Takes a scan, or what is typed instead of it, and is empty again for the next. */
export function ScanInput({ label, placeholder, scanOnly = false, onScan }: Props) {
  const [code, setCode] = useState('');
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    onScan(code);
    setCode('');
  };
  return (
    <form className="mt-4" onSubmit={submit}>
      <input
        aria-label={label}
        placeholder={placeholder}
        autoFocus
        autoComplete="off"
        inputMode={scanOnly ? 'none' : 'text'}
        value={code}
        onChange={(e) => setCode(e.target.value)}
        className="h-14 w-80 rounded border-2 border-now bg-sheet px-4 text-2xl font-semibold placeholder:font-normal placeholder:text-soft"
      />
    </form>
  );
}
