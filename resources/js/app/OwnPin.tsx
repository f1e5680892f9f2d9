import { answerOf, api } from '@/api/client';
import { SESSION, useMe } from '@/api/session';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';

/** A PIN of one's own, set at a desk: who only decides at a bench never signs in there. */
export function OwnPin({ onClose }: { onClose: () => void }) {
  const me = useMe();
  const { form, bind } = useForm({ new_pin: '', again: '', password: '' });
  const differ = form.again !== '' && form.again !== form.new_pin;
  return (
    <FormPanel
      title={`Your PIN, ${me.name}`}
      note={`With badge ${me.badge ?? ''} it signs for you at a bench. 6 to 12 digits that nobody else knows.`}
      verb="Set it"
      busy={differ || form.again === ''}
      onClose={onClose}
      refreshes={SESSION}
      command={() => answerOf(api.POST('/session/pin', { body: { new_pin: form.new_pin, password: form.password } }))}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="New PIN" type="password" inputMode="numeric" autoComplete="off" {...bind('new_pin')} />
        <Field label="Once more" type="password" inputMode="numeric" autoComplete="off" {...bind('again')} error={differ ? 'The two differ.' : null} />
      </div>
      <Field label="Your password" type="password" autoComplete="current-password" {...bind('password')} />
    </FormPanel>
  );
}
