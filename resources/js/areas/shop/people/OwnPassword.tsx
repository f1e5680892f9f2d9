import { useMe } from '@/api/session';
import { Field } from '@/ui/Field';

/** Whoever changes who may come in says with the password once more that it is them. */
export function OwnPassword({ value, onChange }: { value: string; onChange: (event: { target: { value: string } }) => void }) {
  const me = useMe();
  return <Field label={`Your password, ${me.name}`} type="password" autoComplete="current-password" value={value} onChange={onChange} />;
}
