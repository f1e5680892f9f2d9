import type { InputHTMLAttributes } from 'react';
import { Field } from './Field';

type Bound = { value: string; onChange: (event: { target: { value: string } }) => void };
type Props = { label: string; secret: Bound; again: Bound; autoFocus?: boolean } & Pick<InputHTMLAttributes<HTMLInputElement>, 'autoComplete' | 'inputMode'>;

/** May it be sent? Both are there, and are the same. */
export const agree = (secret: string, again: string): boolean => again !== '' && secret === again;

/** A secret that nobody sees while it is chosen, and so is typed twice. */
export function Twice({ label, secret, again, autoFocus = false, ...rest }: Props) {
  const differ = again.value !== '' && again.value !== secret.value;
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field label={label} type="password" autoFocus={autoFocus} {...rest} {...secret} />
      <Field label="Once more" type="password" {...rest} {...again} error={differ ? 'The two differ.' : null} />
    </div>
  );
}
