import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useMe } from '@/api/session';
import type { HandedEngine } from '@/api/types';
import { Problem, sentenceOf } from '@/lib/problem';
import { count } from '@/lib/typeset';
import { BadgePin } from '@/ui/BadgePin';
import { Loaded } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { BigKey } from '../BigKey';
import { type HandsOver, handOver, useShiftLeft } from '../queries';
import { useOutbox } from '../useOutbox';
import { usePadKeys } from '../usePadKeys';

/** The end of a shift: whoever leaves and whoever comes read the same list, and both sign it. */
export function Handover() {
  const navigate = useNavigate();
  const { outbox, state } = useOutbox();
  const unsent = state.waiting.length;
  const query = useShiftLeft(outbox !== null && unsent === 0);
  const back = () => void navigate('/bench');
  usePadKeys({ '/': back });
  return (
    <div className="flex h-screen min-h-[660px] flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">Tekkal</span>
      </BenchHeader>
      {unsent > 0 ? (
        <Unsent unsent={unsent} trouble={state.trouble} onBack={back} />
      ) : (
        <Loaded query={query}>
          {(left) => (left.engines.length === 0 ? <Nothing onBack={back} /> : <Shift left={left} onDone={back} onAgain={() => void query.refetch()} />)}
        </Loaded>
      )}
    </div>
  );
}

/** What was pulled and is only known here would be missing from what both sign. */
function Unsent({ unsent, trouble, onBack }: { unsent: number; trouble: string | null; onBack: () => void }) {
  return (
    <main className="grow px-7 pt-6">
      <p role="status" className="mb-5 text-2xl">
        {`${count(unsent, 'thing')} told here ${unsent === 1 ? 'is' : 'are'} not sent yet${trouble === null ? '' : `: ${trouble}`}. The shift is handed over once all of it is on record.`}
      </p>
      <Back onBack={onBack} />
    </main>
  );
}

function Nothing({ onBack }: { onBack: () => void }) {
  return (
    <main className="grow px-7 pt-6">
      <p className="mb-5 text-2xl">Nothing hangs on your hook: there is nothing to hand over.</p>
      <Back onBack={onBack} />
    </main>
  );
}

function Back({ onBack }: { onBack: () => void }) {
  return (
    <BigKey cap="/" onClick={onBack}>
      Back to my hook
    </BigKey>
  );
}

type Left = { engines: HandedEngine[]; mark: string };

function Shift({ left: { engines, mark }, onDone, onAgain }: { left: Left; onDone: () => void; onAgain: () => void }) {
  const [said, setSaid] = useState('');
  return (
    <main className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_28rem] gap-8 overflow-auto px-7 py-5 portrait:grid-cols-[minmax(0,1fr)_22rem]">
      <div>
        <h1 className="text-[40px] leading-tight">What this shift leaves</h1>
        {engines.map((engine) => (
          <section key={engine.build} aria-label={engine.title} className="mt-4 border-l-8 border-paint pl-4">
            <h2 className="wide text-2xl font-bold">{engine.title}</h2>
            <ul className="text-xl leading-snug">
              {engine.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </section>
        ))}
        <label className="mt-5 block text-lg">
          What the next one has to know, if anything
          <textarea
            rows={2}
            maxLength={300}
            value={said}
            onChange={(e) => setSaid(e.target.value)}
            className="mt-2 mb-4 block min-h-24 w-full rounded border-2 border-line bg-sheet px-5 py-3 text-2xl"
          />
        </label>
        <Back onBack={onDone} />
      </div>
      <Signing said={said} seen={mark} onDone={onDone} onAgain={onAgain} />
    </main>
  );
}

type SigningProps = { said: string; seen: string; onDone: () => void; onAgain: () => void };

/** First whoever leaves, then whoever comes. Refused, both sign anew: whose PIN was wrong is told to nobody. */
function Signing({ said, seen, onDone, onAgain }: SigningProps) {
  const me = useMe();
  const [pin, setPin] = useState<string | null>(null);
  const hand = useMutation({ mutationFn: (signed: HandsOver) => handOver(signed), onSuccess: onDone, onError: () => setPin(null) });
  // Meanwhile something changed: both read what stands there now.
  const changed = hand.error instanceof Problem && hand.error.type === 'draft-changed';
  const again = () => {
    hand.reset();
    onAgain();
  };
  const sign = (badge: string, second: string) =>
    hand.mutateAsync({ id: crypto.randomUUID(), pin: pin ?? '', badge, second_pin: second, said, seen }).then(
      () => true,
      () => false,
    );
  return (
    <div>
      {changed && <BigKey onClick={again}>Read the list again</BigKey>}
      <p className="mt-4 mb-1 text-xl font-semibold">{pin === null ? `${me.name} hands over` : 'Whoever takes over'}</p>
      {pin === null ? (
        <BadgePin
          key="own"
          known
          done="Next"
          busy={false}
          error={hand.isError ? sentenceOf(hand.error) : ''}
          onDone={(_, own) => {
            setPin(own);
            return Promise.resolve(true);
          }}
        />
      ) : (
        <BadgePin key="second" done="Sign" busy={hand.isPending} error="" onDone={sign} />
      )}
    </div>
  );
}
