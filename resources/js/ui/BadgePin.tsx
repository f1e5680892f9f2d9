import { type ReactNode, type SyntheticEvent, useRef, useState } from 'react';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'];

type Props = {
  onDone: (badge: string, pin: string) => Promise<boolean>;
  error: string;
  busy: boolean;
  done: string;
  /** Whose badge it is, is known: the PIN alone is asked for. */
  known?: boolean;
};

/** Which of the two is asked, what stands in its field, and the ways forward and back. */
function useBadgePin(onDone: Props['onDone'], known: boolean) {
  const [badge, setBadge] = useState('');
  const [pin, setPin] = useState('');
  const [asking, setAsking] = useState<'badge' | 'pin'>(known ? 'pin' : 'badge');
  const plain = badge.replace(/^@B/, '');
  const set = asking === 'badge' ? setBadge : setPin;
  const atStart = !known && asking === 'pin' && pin === '';
  const forward = async () => {
    if (asking === 'badge') {
      if (plain !== '') setAsking('pin');
    } else if (pin !== '' && !(await onDone(plain, pin))) setPin('');
  };
  /** Empties the field; from an empty PIN back to the badge. */
  const back = () => (atStart ? setAsking('badge') : set(''));
  return { asking, plain, text: asking === 'badge' ? badge : pin, set, atStart, forward, back };
}

/** Badge, then PIN, in one field that takes a scan or typing, with keys for gloves. A PIN that was refused is asked for again. */
export function BadgePin({ onDone, error, busy, done, known = false }: Props) {
  const { asking, plain, text, set, atStart, forward, back } = useBadgePin(onDone, known);
  const input = useRef<HTMLInputElement>(null);
  // Whoever has touched a key types on without looking for the field.
  const pressed = (work: () => void) => () => {
    work();
    input.current?.focus();
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    void forward();
  };
  return (
    <form onSubmit={submit} noValidate>
      <label className="mb-1 block text-soft" htmlFor="bench-entry">
        {asking === 'badge' ? 'Badge: scan it or type its number' : known ? 'Your PIN' : `PIN for badge ${plain}`}
      </label>
      <input
        id="bench-entry"
        ref={input}
        key={asking}
        autoFocus
        inputMode="numeric"
        autoComplete="off"
        type={asking === 'pin' ? 'password' : 'text'}
        className="h-20 w-full rounded border-2 border-now bg-sheet px-4 text-4xl font-semibold"
        value={text}
        onChange={(e) => set(e.target.value)}
      />
      <p role="alert" className="min-h-7 py-1 text-fault">
        {error}
      </p>
      <Keys back={atStart ? 'Badge' : 'Clear'} onKey={(k) => pressed(() => set((v) => v + k))} onBack={pressed(back)}>
        <button type="submit" disabled={busy} className="h-24 rounded border border-now bg-now text-xl font-semibold text-on-now">
          {asking === 'badge' ? 'Next' : done}
        </button>
      </Keys>
    </form>
  );
}

type KeysProps = { back: string; onKey: (key: string) => () => void; onBack: () => void; children: ReactNode };

function Keys({ back, onKey, onBack, children }: KeysProps) {
  return (
    <div className="grid grid-cols-3 gap-4">
      {KEYS.map((k) => (
        <Key key={k} text={k} onPress={onKey(k)} />
      ))}
      <Key text={back} word onPress={onBack} />
      <Key text="0" onPress={onKey('0')} />
      {children}
    </div>
  );
}

function Key({ text, word = false, onPress }: { text: string; word?: boolean; onPress: () => void }) {
  const size = word ? 'text-xl' : 'text-3xl';
  return (
    <button type="button" className={`h-24 rounded border border-line bg-sheet font-semibold active:bg-casting ${size}`} onClick={onPress}>
      {text}
    </button>
  );
}
