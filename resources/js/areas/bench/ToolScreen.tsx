import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { MorePanel } from './MorePanel';
import { type BarKey, KeyBar } from './KeyBar';
import { RoundLine } from './RoundLine';
import { ScanInput } from './ScanInput';
import { type Bench, useObserve } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; call: BenchView['call']; onKeep?: () => void };
type Offer = NonNullable<BenchView['call']['offers']>[number];

/** Which tool goes to the bench: by its number, by scan, by touch. One that may not be used says why. */
export function ToolScreen({ bench, sheet, view, call, onKeep }: Props) {
  const observe = useObserve(bench);
  const [refused, setRefused] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const offers = call.offers ?? [];
  const take = (offer: Offer) => {
    const answer = call.answers.find((a) => a.key === offer.key);
    setRefused(answer ? null : offer.reasons.join(' '));
    if (answer) void observe({ ...answer.event }).then((kept) => kept && onKeep?.());
  };
  const onScan = (typed: string) => {
    const code = typed.replace(/^@T/i, '').trim().toUpperCase();
    const offer = offerFor(offers, code);
    if (offer) take(offer);
    else if (code !== '') setRefused(`${code} is none of these. Type the number before a tool, its code, or scan it.`);
  };
  const keys: BarKey[] = [
    { cap: 'Enter', says: 'Take it', look: 'main', waits: 'Type a tool’s number' },
    { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
    ...(onKeep ? [{ cap: '*', says: 'Keep the tool I have', do: onKeep }] : []),
    { cap: '+', says: 'More', do: () => setMore(true) },
  ];
  return (
    <>
      <main className="min-h-0 grow overflow-auto px-7 py-5">
        <h1 className="text-[40px] leading-tight">{call.title}</h1>
        <p className="mt-1 text-xl text-soft">{call.says.join(' ')}</p>
        <ScanInput label="A tool’s number or code" placeholder="1, a code, or a scan" onScan={onScan} />
        <Refused why={refused} />
        <Offers offers={offers} onTake={take} />
      </main>
      <RoundLine sheet={sheet} view={view} />
      <KeyBar bench={bench} view={view} keys={keys} />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}

/** By the number before it, by its code, or by the end of that: "04" is TW-04. */
function offerFor(offers: Offer[], code: string): Offer | undefined {
  if (code === '') return undefined;
  return offers.find((o) => o.key === code) ?? offers.find((o) => o.code.toUpperCase() === code) ?? offers.find((o) => o.code.toUpperCase().endsWith(code));
}

function Refused({ why }: { why: string | null }) {
  if (why === null) return null;
  return (
    <p role="alert" className="mt-4 border-l-8 border-fault py-1 pl-4 text-xl font-semibold text-fault">
      {why}
    </p>
  );
}

function Offers({ offers, onTake }: { offers: Offer[]; onTake: (offer: Offer) => void }) {
  if (offers.length === 0) return <p className="mt-5 text-xl text-fault">The crib has none. Ask the crib keeper.</p>;
  return (
    <ul className="mt-5 grid gap-4 lg:grid-cols-2">
      {offers.map((offer) => (
        <li key={offer.id} className="flex">
          <OneTool offer={offer} onTake={() => onTake(offer)} />
        </li>
      ))}
    </ul>
  );
}

/** A tool and whether it may be used; one that may not can be touched too, and the refusal says why. */
function OneTool({ offer, onTake }: { offer: Offer; onTake: () => void }) {
  const fit = offer.key !== undefined;
  return (
    <button
      type="button"
      onClick={onTake}
      className={`flex min-h-24 w-full items-center gap-5 rounded border-2 px-5 py-3 text-left ${fit ? 'border-line bg-sheet' : 'border-dashed border-hair'}`}
    >
      {fit && <kbd className="rounded border border-line px-3 py-1.5 font-sans text-2xl font-semibold">{offer.key}</kbd>}
      <span>
        <span className="text-2xl font-semibold">{offer.code}</span>{' '}
        <span className="text-xl text-soft">
          {offer.name}, <span className="whitespace-nowrap">{offer.range}</span>
        </span>
        {offer.reasons.map((reason) => (
          <span key={reason} className="block text-lg text-fault">
            {reason}
          </span>
        ))}
      </span>
    </button>
  );
}
