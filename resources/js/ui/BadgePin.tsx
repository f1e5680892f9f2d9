import { type SyntheticEvent, useState } from 'react';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'];

type Props = { onDone: (badge: string, pin: string) => Promise<boolean>; error: string; busy: boolean; done: string };

/** Badge, then PIN, in one field that takes a scan or typing, with keys for gloves. A PIN that was refused is asked for again. */
export function BadgePin({ onDone, error, busy, done }: Props) {
  const [badge, setBadge] = useState('');
  const [pin, setPin] = useState('');
  const [asking, setAsking] = useState<'badge' | 'pin'>('badge');
  const plain = badge.replace(/^@B/, '');
  const set = asking === 'badge' ? setBadge : setPin;
  const forward = async () => {
    if (asking === 'badge') {
      if (plain !== '') setAsking('pin');
    } else if (pin !== '' && !(await onDone(plain, pin))) setPin('');
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    void forward();
  };
  const key = 'h-24 rounded border border-line bg-sheet text-3xl font-semibold active:bg-casting';
  return (
    <form onSubmit={submit} noValidate>
      <label className="mb-1 block text-soft" htmlFor="bench-entry">
        {asking === 'badge' ? 'Badge: scan it or type its number' : `PIN for badge ${plain}`}
      </label>
      <input
        id="bench-entry"
        key={asking}
        autoFocus
        inputMode="numeric"
        autoComplete="off"
        type={asking === 'pin' ? 'password' : 'text'}
        className="h-20 w-full rounded border-2 border-now bg-sheet px-4 text-4xl font-semibold"
        value={asking === 'badge' ? badge : pin}
        onChange={(e) => set(e.target.value)}
      />
      <p role="alert" className="min-h-7 py-1 text-fault">
        {error}
      </p>
      <div className="grid grid-cols-3 gap-4">
        {KEYS.map((k) => (
          <button key={k} type="button" className={key} onClick={() => set((v) => v + k)}>
            {k}
          </button>
        ))}
        <button
          type="button"
          className={`${key} text-xl`}
          onClick={() => {
            if (asking === 'pin' && pin === '') setAsking('badge');
            else set('');
          }}
        >
          {asking === 'pin' && pin === '' ? 'Badge' : 'Clear'}
        </button>
        <button type="button" className={key} onClick={() => set((v) => `${v}0`)}>
          0
        </button>
        <button type="submit" disabled={busy} className="h-24 rounded border border-now bg-now text-xl font-semibold text-on-now">
          {asking === 'badge' ? 'Next' : done}
        </button>
      </div>
    </form>
  );
}
