import type { Tools } from '@/api/types';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { TOOLS, send } from './queries';

type Props = { tools: string[]; wait: Tools['sending']['wait']; onClose: () => void; onDone: () => void };

/** Tools go to a laboratory together; what the shop would then be without is said. */
export function AwayPanel({ tools, wait, onClose, onDone }: Props) {
  const { form, bind } = useForm({ laboratory: '' });
  return (
    <FormPanel
      title={tools.length === 1 ? `${tools[0] ?? ''} goes away` : `${String(tools.length)} tools go away`}
      note={tools.length === 1 ? 'It is back when you say so.' : `${tools.join(', ')}. They are back when you say so, together or one by one.`}
      verb="They are on their way"
      onClose={onClose}
      onDone={onDone}
      refreshes={TOOLS}
      command={() => send(tools, form.laboratory)}
    >
      {wait.map((w) => (
        <p key={w.tool} className="border-l-4 border-paint py-0.5 pl-3">
          <b>{w.tool}</b> had better wait for {w.for.join(' or ')}: until then nothing else here does its work.
        </p>
      ))}
      <Field label="Where to" autoFocus maxLength={120} placeholder="a laboratory, or who mends it" {...bind('laboratory')} />
    </FormPanel>
  );
}
