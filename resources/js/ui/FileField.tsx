import { useId } from 'react';

type Props = { label: string; accept: string; onChoose: (file: File | null) => void };

/** A file from this device. */
export function FileField({ label, accept, onChoose }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        className="w-full rounded border border-line bg-sheet px-3 py-2 file:mr-3 file:rounded file:border file:border-line file:bg-paper file:px-3 file:py-1 file:font-semibold"
        onChange={(e) => onChoose(e.target.files?.[0] ?? null)}
      />
    </div>
  );
}
