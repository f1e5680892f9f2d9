import { type KeyboardEvent, type RefObject, useEffect, useId, useRef, useState } from 'react';

export type Hit = { key: string; kind: string; title: string; about: string };

type Props = {
  value: string;
  onChange: (text: string) => void;
  hits: Hit[];
  busy: boolean;
  /** Why nothing could be looked for. */
  refusal?: string | null;
  onChoose: (key: string) => void;
  placeholder: string;
};

/** "/" brings the cursor here from anywhere where nothing is being typed. */
function useSlash() {
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const focus = (event: globalThis.KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
      if (event.key === '/' && !typing) {
        event.preventDefault();
        input.current?.focus();
      }
    };
    window.addEventListener('keydown', focus);
    return () => window.removeEventListener('keydown', focus);
  }, []);
  return input;
}

/** Which hit is chosen by arrows and Enter, and whether the list is open. */
function useHits({ hits, busy, onChoose }: Props, input: RefObject<HTMLInputElement | null>) {
  const [place, setPlace] = useState(0);
  const [open, setOpen] = useState(false);
  // A scanner ends with Enter before anything can have been found: it is done as soon as it has.
  const entered = useRef(false);
  const choose = (hit: Hit | undefined) => {
    if (!hit) return;
    setOpen(false);
    input.current?.blur();
    onChoose(hit.key);
  };
  useEffect(() => {
    if (!entered.current || busy) return;
    entered.current = false;
    choose(hits[0]);
  });
  const show = (next: boolean) => {
    entered.current = false;
    setOpen(next);
  };
  const enter = () => {
    entered.current = busy;
    choose(hits[place]);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setPlace((p) => Math.min(p + 1, hits.length - 1));
    else if (event.key === 'ArrowUp') setPlace((p) => Math.max(p - 1, 0));
    else if (event.key === 'Enter') enter();
    else if (event.key === 'Escape') show(false);
    else return;
    event.preventDefault();
  };
  return { place, setPlace, open, setOpen, show, choose, onKeyDown };
}

/** The one field that takes a scan or typing, with what was found below it. */
export function ScanField(props: Props) {
  const { value, onChange, hits, busy, refusal = null, placeholder } = props;
  const input = useSlash();
  const list = useId();
  const { place, setPlace, open, setOpen, show, choose, onKeyDown } = useHits(props, input);
  const shown = open && value.trim().length >= 2;
  return (
    <div className="relative w-64">
      <input
        ref={input}
        role="combobox"
        aria-label="Find a serial, tool, procedure or head marking"
        aria-expanded={shown}
        aria-controls={list}
        aria-autocomplete="list"
        className="w-full rounded border border-line bg-sheet px-3 py-1.5 text-[15px] placeholder:text-soft"
        placeholder={placeholder}
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
          setPlace(0);
          show(true);
        }}
        onKeyDown={onKeyDown}
        onFocus={() => setOpen(true)}
        onBlur={() => show(false)}
      />
      <HitList id={list} shown={shown} hits={hits} place={place} says={busy ? 'Looking …' : (refusal ?? 'Nothing here has that.')} onChoose={choose} />
    </div>
  );
}

type ListProps = { id: string; shown: boolean; hits: Hit[]; place: number; says: string; onChoose: (hit: Hit) => void };

function HitList({ id, shown, hits, place, says, onChoose }: ListProps) {
  return (
    <ul
      id={id}
      role="listbox"
      aria-label="Found"
      hidden={!shown}
      className="absolute right-0 z-30 mt-1 w-96 rounded border border-line bg-sheet py-1 shadow-lg"
    >
      {hits.map((hit, i) => (
        <li
          key={hit.key}
          role="option"
          aria-selected={i === place}
          className={`cursor-pointer px-3 py-1.5 ${i === place ? 'bg-now text-on-now' : ''}`}
          onMouseDown={(event) => {
            event.preventDefault();
            onChoose(hit);
          }}
        >
          <span className="font-semibold">{hit.title}</span>{' '}
          <span className="text-sm opacity-80">
            {hit.kind}, {hit.about}
          </span>
        </li>
      ))}
      {hits.length === 0 && <li className="px-3 py-1.5 text-soft">{says}</li>}
    </ul>
  );
}
