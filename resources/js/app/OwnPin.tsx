import { answerOf, api } from '@/api/client';
import { SESSION, useMe } from '@/api/session';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { Twice, agree } from '@/ui/Twice';
import { useForm } from '@/ui/useForm';

/** A PIN of one's own, set at a desk: who only decides at a bench never signs in there. */
export function OwnPin({ onClose }: { onClose: () => void }) {
  const me = useMe();
  const { form, bind } = useForm({ new_pin: '', again: '', password: '' });
  return (
    <FormPanel
      title={`Your PIN, ${me.name}`}
      note={`With badge ${me.badge ?? ''} it signs for you at a bench. 6 to 12 digits that nobody else knows.`}
      verb="Set it"
      unready={!agree(form.new_pin, form.again)}
      onClose={onClose}
      refreshes={SESSION}
      command={() => answerOf(api.POST('/session/pin', { body: { new_pin: form.new_pin, password: form.password } }))}
    >
      <Twice label="New PIN" inputMode="numeric" autoComplete="off" secret={bind('new_pin')} again={bind('again')} />
      <Field label="Your password" type="password" autoComplete="current-password" {...bind('password')} />
    </FormPanel>
  );
}
