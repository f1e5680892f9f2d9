import { useMutation } from '@tanstack/react-query';
import { type KeyboardEvent, type RefObject, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem, sentenceOf } from '@/lib/problem';
import { BenchHeader } from '../BenchHeader';
import { BigKey } from '../BigKey';
import { askValue } from '../queries';

/** Nobody guesses: whoever has no value for a bolt asks for one here, and is told at the hook. */
export function AskValue() {
  const navigate = useNavigate();
  const back = () => void navigate('/bench');
  const [asked, setAsked] = useState(false);
  return (
    <div className="flex min-h-screen flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">Tekkal</span>
      </BenchHeader>
      {asked ? <Asked onBack={back} /> : <Question onAsked={() => setAsked(true)} onBack={back} />}
    </div>
  );
}

function Question({ onAsked, onBack }: { onAsked: () => void; onBack: () => void }) {
  const [serial, setSerial] = useState('');
  const [says, setSays] = useState('');
  const what = useRef<HTMLInputElement>(null);
  const ask = useMutation({ mutationFn: () => askValue({ serial: serial.replace(/^@S/, ''), says: says.trim() }), onSuccess: onAsked });
  const send = () => (ask.isPending ? undefined : ask.mutate());
  const wrongAt = (field: string) => ask.error instanceof Problem && ask.error.field === field;
  return (
    <main className="flex max-w-5xl grow flex-col gap-5 px-7 pt-6">
      <h1 className="text-[40px] leading-tight">To what is it tightened?</h1>
      <p className="text-xl">Leave the bolt as it is until you are told: at your hook, or by a card that hangs there.</p>
      <Line
        label="Of which engine: its number, or the last digits"
        value={serial}
        onChange={setSerial}
        wrong={wrongAt('serial')}
        autoFocus
        onEnter={() => what.current?.focus()}
      />
      <Line
        label="What, and where: thread, what is stamped on the head, into what"
        value={says}
        onChange={setSays}
        wrong={wrongAt('says')}
        onEnter={send}
        field={what}
      />
      <p role="alert" className="min-h-8 text-xl text-fault">
        {ask.isError && sentenceOf(ask.error)}
      </p>
      <div className="flex gap-4">
        <BigKey look="main" cap="↵" disabled={ask.isPending} onClick={send}>
          Ask the lead
        </BigKey>
        <BigKey onClick={onBack}>Back to my hook</BigKey>
      </div>
    </main>
  );
}

type LineProps = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  wrong: boolean;
  autoFocus?: boolean;
  onEnter: () => void;
  field?: RefObject<HTMLInputElement | null>;
};

/** A scan ends with Enter: it goes on to the next, and from the last it is sent. */
function Line({ label, value, onChange, wrong, autoFocus = false, onEnter, field }: LineProps) {
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') onEnter();
  };
  return (
    <label className="block text-lg">
      {label}
      <input
        value={value}
        maxLength={200}
        autoFocus={autoFocus}
        ref={field}
        onKeyDown={onKeyDown}
        aria-invalid={wrong}
        onChange={(e) => onChange(e.target.value)}
        className={`mt-2 block h-20 w-full rounded border-2 bg-sheet px-5 text-3xl ${wrong ? 'border-fault' : 'border-line'}`}
      />
    </label>
  );
}

function Asked({ onBack }: { onBack: () => void }) {
  return (
    <main className="grow px-7 pt-6">
      <p role="status" className="mb-5 max-w-4xl text-3xl">
        The lead is asked. The answer stands at your hook as soon as there is one.
      </p>
      <BigKey look="main" autoFocus onClick={onBack}>
        Back to my hook
      </BigKey>
    </main>
  );
}
