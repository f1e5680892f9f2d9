import { useEffect, useRef } from 'react';
import type { CallField } from '@/api/types';
import type { Answering } from './useCall';

/** The places for what is typed: what is typed anywhere on the screen goes into the one whose turn it is. */
export function Fields({ fields, answering }: { fields: CallField[]; answering: Answering }) {
  return (
    <div className="mt-4">
      {fields.map((field, i) => (
        <One key={field.name} field={field} at={i} several={fields.length > 1 || field.kind === 'text'} answering={answering} />
      ))}
      <p id="reading-note" role="alert" className="min-h-8 pt-1 text-lg leading-tight text-fault">
        {answering.note}
      </p>
    </div>
  );
}

type OneProps = { field: CallField; at: number; several: boolean; answering: Answering };

export function One({ field, at, several, answering }: OneProps) {
  const input = useRef<HTMLInputElement>(null);
  const now = answering.active === at;
  useTypedFromAnywhere(input, now, field.kind === 'text');
  useEffect(() => {
    if (now) input.current?.focus();
  }, [now]);
  const { scale } = field;
  const border = answering.note !== null && now ? 'border-fault' : now ? 'border-now' : 'border-hair';
  return (
    <label className={`@container mb-3 flex h-24 items-center gap-3 rounded border-[3px] bg-sheet px-4 ${border}`}>
      <span className={several ? 'w-36 shrink-0 text-lg leading-tight' : 'sr-only'}>
        {field.label}
        {scale && <span className="sr-only"> in {scale.unit.symbol}</span>}
      </span>
      <input
        ref={input}
        autoFocus={at === 0}
        inputMode={field.kind === 'text' ? 'text' : 'none'}
        autoComplete="off"
        aria-describedby="reading-note"
        className="w-0 min-w-16 grow bg-transparent text-5xl font-bold outline-none"
        value={answering.typed[field.name] ?? ''}
        onFocus={() => answering.setActive(at)}
        onChange={(e) => answering.type(e.target.value, at)}
      />
      {scale && <span className="hidden text-2xl text-soft @[19rem]:block">{scale.unit.symbol}</span>}
      <span className="text-right text-lg leading-tight whitespace-nowrap">{field.optional ? 'if it was read' : goodFrom(field)}</span>
    </label>
  );
}

function goodFrom({ scale }: CallField) {
  if (!scale || (scale.low === undefined && scale.high === undefined)) return null;
  if (scale.high === undefined) return `at least ${scale.low ?? ''}`;
  if (scale.low === undefined) return `at most ${scale.high}`;
  return (
    <>
      good from {scale.low}
      <br />
      to {scale.high}
    </>
  );
}

/** Nobody looks for a field with gloves on. Digits go to the reading, letters only where letters are asked for, a scan anywhere. */
function useTypedFromAnywhere(input: React.RefObject<HTMLInputElement | null>, now: boolean, letters: boolean): void {
  useEffect(() => {
    const wanted = letters ? /^[\p{L}\p{N}@.,-]$/u : /^[0-9.,@]$/;
    const onKey = (event: KeyboardEvent) => {
      const elsewhere = event.target instanceof HTMLInputElement || document.querySelector('[role="dialog"]') !== null;
      if (now && wanted.test(event.key) && document.activeElement !== input.current && !elsewhere) input.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [input, now, letters]);
}
