import type { ReactNode } from 'react';

type Props = { checked: boolean; onCheckedChange: (checked: boolean) => void; children: ReactNode; className?: string };

/** Yes or no, with what it says beside it. */
export function Checkbox({ checked, onCheckedChange, children, className = '' }: Props) {
  return (
    <label className={`flex items-center gap-2 ${className}`}>
      <input type="checkbox" className="size-4 accent-now" checked={checked} onChange={(e) => onCheckedChange(e.target.checked)} />
      {children}
    </label>
  );
}
