import { type ReactNode, type RefObject, type SyntheticEvent, useRef, useState } from 'react';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'];

type Asking = 'badge' | 'pin' | 'own' | 'again';

type Props = {
  /** True where it was taken; 'own' where the PIN was handed out, and one of one's own is wanted in its place; 'badge' where it takes somebody else. */
  onDone: (badge: string, pin: string, own?: string) => Promise<boolean | 'own' | 'badge'>;
  error: string;
  busy: boolean;
  done: string;
  /** Whose badge it is, is known: the PIN alone is asked for. */
  known?: boolean;
};

const EMPTY: Record<Asking, string> = { badge: '', pin: '', own: '', again: '' };

/** Which of them is asked, what stands in its field, and the ways forward and back. */
function useBadgePin(onDone: Props['onDone'], known: boolean) {
  const [typed, setTyped] = useState(EMPTY);
  const [asking, setAsking] = useState<Asking>(known ? 'pin' : 'badge');
  const [differ, setDiffer] = useState(false);
  const plain = typed.badge.replace(/^@B/, '');
  const set = (change: (now: string) => string) => setTyped((now) => ({ ...now, [asking]: change(now[asking]) }));
  const again = (from: Asking) => {
    setTyped((now) => ({ ...now, ...(from === 'badge' ? { badge: '' } : {}), ...(from === 'own' ? {} : { pin: '' }), own: '', again: '' }));
    setAsking(from);
  };
  const send = async (own?: string) => {
    const done = await (own === undefined ? onDone(plain, typed.pin) : onDone(plain, typed.pin, own));
    if (done === 'own') again('own');
    else if (done === 'badge') again(known ? 'pin' : 'badge');
    else if (!done) again(own === undefined ? 'pin' : 'own');
  };
  const forward = async () => {
    if (typed[asking] === '' || (asking === 'badge' && plain === '')) return;
    setDiffer(false);
    if (asking === 'badge') setAsking('pin');
    else if (asking === 'pin') await send();
    else if (asking === 'own') setAsking('again');
    else if (typed.again === typed.own) await send(typed.own);
    else {
      setDiffer(true);
      again('own');
    }
  };
  const atStart = !known && asking === 'pin' && typed.pin === '';
  /** Empties the field; from an empty PIN back to the badge. */
  const back = () => (atStart ? setAsking('badge') : set(() => ''));
  return { asking, plain, text: typed[asking], set, atStart, differ, forward, back };
}

function labelOf(asking: Asking, badge: string, known: boolean): string {
  switch (asking) {
    case 'badge':
      return 'Badge: scan it or type its number';
    case 'pin':
      return known ? 'Your PIN' : `PIN for badge ${badge}`;
    case 'own':
      return 'This PIN was handed to you. Choose one of your own: 6 digits or more';
    case 'again':
      return 'Your own PIN once more';
  }
}

/** Badge, then PIN, in one field that takes a scan or typing, with keys for gloves. A PIN that was refused is asked for again. */
export function BadgePin({ onDone, error, busy, done, known = false }: Props) {
  const { asking, plain, text, set, atStart, differ, forward, back } = useBadgePin(onDone, known);
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
      <Entry key={asking} field={input} label={labelOf(asking, plain, known)} hidden={asking !== 'badge'} text={text} onType={(value) => set(() => value)} />
      <p role="alert" className="min-h-7 py-1 text-fault">
        {differ ? 'The two differ. Choose it once more.' : asking === 'again' ? '' : error}
      </p>
      <Keys back={atStart ? 'Badge' : 'Clear'} onKey={(k) => pressed(() => set((v) => v + k))} onBack={pressed(back)}>
        <button type="submit" disabled={busy} className="h-24 rounded border border-now bg-now text-xl font-semibold text-on-now">
          {asking === 'badge' || asking === 'own' ? 'Next' : done}
        </button>
      </Keys>
    </form>
  );
}

type EntryProps = { field: RefObject<HTMLInputElement | null>; label: string; hidden: boolean; text: string; onType: (text: string) => void };

function Entry({ field, label, hidden, text, onType }: EntryProps) {
  return (
    <>
      <label className="mb-1 block text-soft" htmlFor="bench-entry">
        {label}
      </label>
      <input
        id="bench-entry"
        ref={field}
        autoFocus
        inputMode="numeric"
        autoComplete="off"
        type={hidden ? 'password' : 'text'}
        className="h-20 w-full rounded border-2 border-now bg-sheet px-4 text-4xl font-semibold"
        value={text}
        onChange={(e) => onType(e.target.value)}
      />
    </>
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
