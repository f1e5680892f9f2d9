import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { useForm } from '@/ui/useForm';
import { BigKey } from './BigKey';
import { type Withdrawal, withdrawReading } from './queries';
import type { Bench } from './useRun';

const REASONS: { value: Withdrawal['reason']; text: string }[] = [
  { value: 'wrong_key', text: 'Wrong key' },
  { value: 'misread_scale', text: 'Misread the scale' },
  { value: 'wrong_bolt', text: 'It was another bolt' },
];

const PLAIN = 'It stays visible as withdrawn; the step opens again.';
const CONFIRMED = 'It stays visible as an attempt. A second person confirms that it was a typing error and not a short or over pull.';

type Props = {
  bench: Bench;
  name: string;
  reading: string;
  step: string;
  /** It lies outside its window, so a second person has to confirm. */
  outOfWindow?: boolean;
  onClose: () => void;
};

/** Takes a typed value back as a typing error, with a reason; an out-of-window one before a second person. */
export function WithdrawPanel({ bench, name, reading, step, outOfWindow = false, onClose }: Props) {
  const { form, put, bind } = useForm({ badge: '', pin: '' });
  const { command } = bench;
  const withdraw = (reason: Withdrawal['reason']) => {
    const second = outOfWindow ? { second_badge: form.badge.replace(/^@B/, ''), second_pin: form.pin } : {};
    command.mutate(withdrawReading({ reading, step, reason, ...second }), { onSuccess: onClose, onError: () => put('pin')('') });
  };
  const close = () => {
    command.reset();
    onClose();
  };
  return (
    <Panel title={`Take back what was typed for ${name.toLowerCase()}`} open onClose={close} note={outOfWindow ? CONFIRMED : PLAIN}>
      {outOfWindow && (
        <div className="mb-4 grid grid-cols-2 gap-4">
          <Field label="Second person’s badge" inputMode="numeric" autoComplete="off" {...bind('badge')} />
          <Field label="Their PIN" type="password" inputMode="numeric" autoComplete="off" {...bind('pin')} />
        </div>
      )}
      <div className="flex flex-col gap-4">
        {REASONS.map((reason) => (
          <BigKey key={reason.value} disabled={command.isPending} onClick={() => withdraw(reason.value)}>
            {reason.text}
          </BigKey>
        ))}
      </div>
      <Refusal of={command} className="mt-3 text-lg" />
    </Panel>
  );
}
