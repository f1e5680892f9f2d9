import { useEffect, useRef, useState } from 'react';
import { useMe } from '@/api/session';
import type { PaperCardSheet } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { compareCard, scanOf, useCardCommand } from './queries';

type Said = 'same' | 'differs';

/** What was typed in, line by line, beside the scan: each is held against the card, and only then it is signed. */
export function Compare({ card }: { card: PaperCardSheet }) {
  const asked = card.state === 'typed' && card.scan !== null && card.differ.length === 0;
  const waiting = card.lines.filter((l) => l.compared_by === null);
  const picture = card.scan === 'image/png';
  return (
    <div className={`mt-6 grid items-start gap-8 ${picture ? 'lg:grid-cols-2' : ''}`}>
      {picture && (
        <img
          src={scanOf(card.number)}
          alt={`Scan of card ${card.number}`}
          className="max-h-[calc(100vh-2rem)] w-full border border-hair object-contain object-left-top lg:sticky lg:top-4"
        />
      )}
      {asked ? <Asked card={card} steps={waiting.map((l) => l.step)} /> : <Lines card={card} />}
    </div>
  );
}

const COLUMNS = ['where', ['as typed', 'text-right pr-6'], 'with'] as const;

function Lines({ card }: { card: PaperCardSheet }) {
  return (
    <table className="w-full">
      <TableHead columns={[...COLUMNS, 'compared by']} />
      <tbody>
        {card.lines.map((line) => (
          <tr key={line.step} className="h-9 border-b border-hair">
            <Typed line={line} />
            <td className={card.differ.includes(line.step) ? 'font-semibold text-fault' : 'text-soft'}>
              {card.differ.includes(line.step) ? 'the card says otherwise' : (line.compared_by ?? 'nobody yet')}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Typed({ line }: { line: PaperCardSheet['lines'][number] }) {
  return (
    <>
      <td>{line.says}</td>
      <td className="pr-6 text-right font-semibold whitespace-nowrap">
        {line.typed}
        {!line.good && <span className="text-fault">, {line.word}</span>}
      </td>
      <td className="text-soft">{line.with}</td>
    </>
  );
}

/** Enter: the card says the same, and on to the next. D: it says something else. */
function Asked({ card, steps }: { card: PaperCardSheet; steps: string[] }) {
  const me = useMe();
  const [said, setSaid] = useState<Record<string, Said>>({});
  const [at, setAt] = useState(0);
  const compare = useCardCommand((differ: string[]) => compareCard(card.number, differ));
  const say = (step: string, what: Said) => {
    setSaid((now) => ({ ...now, [step]: what }));
    setAt(steps.indexOf(step) + 1);
  };
  const differ = steps.filter((step) => said[step] === 'differs');
  const left = steps.filter((step) => said[step] === undefined).length;
  return (
    <div>
      <table className="w-full">
        <TableHead columns={[...COLUMNS, ['the card says', 'w-64']]} />
        <tbody>
          {card.lines.map((line) => (
            <Row key={line.step} line={line} said={said[line.step]} current={steps[at] === line.step} onSay={(what) => say(line.step, what)} />
          ))}
        </tbody>
      </table>
      <Refusal of={compare} />
      <div className="mt-5 flex items-center gap-5">
        <Button look="main" disabled={left > 0 || compare.isPending} onClick={() => compare.mutate(differ)}>
          {verdict(steps.length, differ.length)}
        </Button>
        <p className="text-soft">
          {left > 0 ? `${String(left)} left to hold against the card. Enter: the same. D: something else.` : `It is ${me.name} who says so.`}
        </p>
      </div>
    </div>
  );
}

function verdict(all: number, differ: number): string {
  if (all === 0) return 'Nothing new stands on it';
  return differ === 0 ? `All ${String(all)} are as the card has them` : `${String(differ)} of ${String(all)} differ`;
}

type RowProps = { line: PaperCardSheet['lines'][number]; said: Said | undefined; current: boolean; onSay: (what: Said) => void };

function Row({ line, said, current, onSay }: RowProps) {
  return (
    <tr className={`h-11 border-b border-hair ${current ? 'bg-sheet' : ''}`}>
      <Typed line={line} />
      <td>
        {line.compared_by === null ? (
          <Says step={line.says} said={said} current={current} onSay={onSay} />
        ) : (
          <span className="text-soft">the same, {line.compared_by}</span>
        )}
      </td>
    </tr>
  );
}

type SaysProps = { step: string; said: Said | undefined; current: boolean; onSay: (what: Said) => void };

function Says({ step, said, current, onSay }: SaysProps) {
  const same = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (current) same.current?.focus();
  }, [current]);
  const look = (of: Said) =>
    `rounded border px-3 py-1 ${said === of ? (of === 'same' ? 'border-now bg-now text-on-now' : 'border-fault bg-fault text-paper') : 'border-line bg-sheet'}`;
  return (
    <span
      className="flex gap-2"
      onKeyDown={(e) => {
        if (e.key.toLowerCase() === 'd') onSay('differs');
      }}
    >
      <button ref={same} type="button" aria-pressed={said === 'same'} aria-label={`${step}: the same`} className={look('same')} onClick={() => onSay('same')}>
        the same
      </button>
      <button
        type="button"
        aria-pressed={said === 'differs'}
        aria-label={`${step}: something else`}
        className={look('differs')}
        onClick={() => onSay('differs')}
      >
        something else
      </button>
    </span>
  );
}
