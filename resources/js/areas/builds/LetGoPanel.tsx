import type { Build } from '@/api/types';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { useForm } from '@/ui/useForm';
import { BUILDS, askLetGo } from './queries';

/** Asks that an engine may leave with a joint that is not recorded. Somebody else signs it, and the audit says so for ever. */
export function LetGoPanel({ build, joint, onClose }: { build: Build; joint: { id: string; name: string }; onClose: () => void }) {
  const { form, bind } = useForm({ reason: '', reference: '' });
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}, not recorded`}
      note="A deviation permit is asked for: an approver signs it, and the audit of this engine says no to this joint, with the permit beside it."
      verb="Ask for a permit"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => askLetGo(build.id, joint.id, form.reason.trim(), form.reference.trim())}
    >
      <TextArea label="Why it is not recorded, and how you know that it is tight" {...bind('reason')} />
      <Field label="The customer’s authorisation, where it is needed" {...bind('reference')} />
    </FormPanel>
  );
}
