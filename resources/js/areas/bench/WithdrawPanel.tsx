import { useState } from 'react';
import { sentenceOf } from '@/lib/problem';
import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import { type Withdrawal, withdrawReading } from './queries';
import type { Bench } from './useRun';

const REASONS: { value: Withdrawal['reason']; text: string }[] = [
  { value: 'wrong_key', text: 'Wrong key' },
  { value: 'misread_scale', text: 'Misread the scale' },
  { value: 'wrong_bolt', text: 'It was another bolt' },
];

type Props = { bench: Bench; name: string; reading: string; outOfWindow: boolean; onClose: () => void };

/** Takes a typed value back as a typing error, with a reason; an out-of-window one before a second person. */
export function WithdrawPanel({ bench, name, reading, outOfWindow, onClose }: Props) {
  const [badge, setBadge] = useState('');
  const [pin, setPin] = useState('');
  const { command } = bench;
  const withdraw = (reason: Withdrawal['reason']) => {
    command.mutate(withdrawReading({ reading, reason, ...(outOfWindow ? { second_badge: badge.replace(/^@B/, ''), second_pin: pin } : {}) }), {
      onSuccess: onClose,
      onError: () => setPin(''),
    });
  };
  const close = () => {
    command.reset();
    onClose();
  };
  return (
    <Panel
      title={`Take back what was typed for ${name.toLowerCase()}`}
      open
      onClose={close}
      note={
        outOfWindow
          ? 'It stays visible as an attempt. A second person confirms that it was a typing error and not a short or over pull.'
          : 'It stays visible as withdrawn; the step opens again.'
      }
    >
      {outOfWindow && (
        <div className="mb-4 grid grid-cols-2 gap-4">
          <Field label="Second person’s badge" inputMode="numeric" autoComplete="off" value={badge} onChange={(e) => setBadge(e.target.value)} />
          <Field label="Their PIN" type="password" inputMode="numeric" autoComplete="off" value={pin} onChange={(e) => setPin(e.target.value)} />
        </div>
      )}
      <div className="flex flex-col gap-4">
        {REASONS.map((reason) => (
          <BigKey key={reason.value} disabled={command.isPending} onClick={() => withdraw(reason.value)}>
            {reason.text}
          </BigKey>
        ))}
      </div>
      {command.isError && (
        <p role="alert" className="mt-3 text-lg text-fault">
          {sentenceOf(command.error)}
        </p>
      )}
    </Panel>
  );
}
