import { type ReactNode, useState } from 'react';
import { BadgePin } from '@/ui/BadgePin';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { sentenceOf } from '@/lib/problem';
import { BigKey } from './BigKey';
import { type BadgeAndPin, type Withdrawal, withdrawReading } from './queries';
import { usePanelKeys } from './usePadKeys';
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

/** Takes a typed value back as a typing error, with a reason; an out-of-window one before a second person, with badge and PIN. */
export function WithdrawPanel({ bench, name, reading, step, outOfWindow = false, onClose }: Props) {
  const { command } = bench;
  const [reason, setReason] = useState<Withdrawal['reason'] | null>(null);
  const withdraw = (why: Withdrawal['reason'], second?: BadgeAndPin) =>
    command.mutateAsync(withdrawReading({ reading, step, reason: why, ...(second ? { second_badge: second.badge, second_pin: second.pin } : {}) })).then(
      () => {
        onClose();
        return true;
      },
      () => false,
    );
  const choose = (why: Withdrawal['reason']) => {
    if (outOfWindow) setReason(why);
    else void withdraw(why);
  };
  const close = () => {
    command.reset();
    onClose();
  };
  usePanelKeys(reason === null ? { '1': close, ...Object.fromEntries(REASONS.map((r, i) => [String(i + 2), () => choose(r.value)])) } : {});
  return (
    <Panel title={`Take back what was typed for ${name.toLowerCase()}`} open onClose={close} note={outOfWindow ? CONFIRMED : PLAIN} big>
      {reason === null ? (
        <Reasons busy={command.isPending} onChoose={choose} onClose={close} refusal={<Refusal of={command} className="mt-3 text-lg" />} />
      ) : (
        <div className="max-w-md">
          <p className="mb-3 text-xl font-semibold">The second person’s badge and PIN</p>
          <BadgePin
            done="Confirm"
            busy={command.isPending}
            error={command.isError ? sentenceOf(command.error) : ''}
            onDone={(badge, pin) => withdraw(reason, { badge, pin })}
          />
        </div>
      )}
    </Panel>
  );
}

type ReasonsProps = { busy: boolean; onChoose: (why: Withdrawal['reason']) => void; onClose: () => void; refusal: ReactNode };

/** The first answer takes nothing back. */
function Reasons({ busy, onChoose, onClose, refusal }: ReasonsProps) {
  return (
    <div className="flex flex-col gap-4">
      <BigKey look="main" cap="1" onClick={onClose}>
        No, leave it as it is
      </BigKey>
      {REASONS.map((r, i) => (
        <BigKey key={r.value} cap={String(i + 2)} disabled={busy} onClick={() => onChoose(r.value)}>
          {r.text}
        </BigKey>
      ))}
      {refusal}
    </div>
  );
}
