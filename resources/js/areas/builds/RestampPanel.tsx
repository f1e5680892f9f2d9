import type { Build } from '@/api/types';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { BUILDS, restamp } from './queries';

/** Its number was stamped anew: from now on it bears that one, and is found by both. */
export function RestampPanel({ build, onClose }: { build: Build; onClose: () => void }) {
  const { form, bind } = useForm({ serial: '', why: '' });
  return (
    <FormPanel
      title={`${build.serial} was stamped anew`}
      note="What is recorded stays as it is; it is found by both numbers."
      verb="It bears the new number"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => restamp(build.id, form.serial, form.why.trim())}
    >
      <Field label="The number that stands on it now" autoFocus {...bind('serial')} />
      <Field label="Why" {...bind('why')} placeholder="the old plate could not be read any more" />
    </FormPanel>
  );
}
