import { useState } from 'react';
import type { BenchView, RunSheet, Weighed } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from '../BigKey';
import { BackBar } from '../FullSheet';
import { usePanelKeys } from '../usePadKeys';
import { digitKeys, whereOf } from '../words';

type Props = {
  weighed: Weighed;
  asks: Weighed['asks'];
  sheet: RunSheet;
  view: BenchView;
  onAnswer: (answer: { position?: string; choice?: string }) => void;
  onBack: () => void;
};

/** What has to be known before it can be weighed: which bolt, touched or by its number; or one of a few. */
export function Question({ weighed, asks, sheet, view, onAnswer, onBack }: Props) {
  if (asks?.of === 'choice') return <Choose weighed={weighed} asks={asks} onAnswer={onAnswer} onBack={onBack} />;
  return <WhichBolt title={asks?.title ?? 'Which one?'} of={weighed.title} sheet={sheet} view={view} onAnswer={onAnswer} onBack={onBack} />;
}

function Choose({ weighed, asks, onAnswer, onBack }: Pick<Props, 'weighed' | 'onAnswer' | 'onBack'> & { asks: NonNullable<Weighed['asks']> }) {
  usePanelKeys({ '/': onBack, ...Object.fromEntries(asks.choices.map((c, i) => [String(i + 1), () => onAnswer({ choice: c.value })])) });
  return (
    <>
      <main className="grow px-7 py-6">
        <p className="text-2xl">{weighed.title}</p>
        <h1 className="mt-1 text-[44px] leading-none">{asks.title}</h1>
        <div className="mt-6 flex max-w-2xl flex-col gap-4">
          {asks.choices.map((choice, i) => (
            <BigKey key={choice.value} cap={String(i + 1)} onClick={() => onAnswer({ choice: choice.value })}>
              {choice.says}
            </BigKey>
          ))}
        </div>
      </main>
      <BackBar onBack={onBack} />
    </>
  );
}

type WhichProps = { title: string; of: string; sheet: RunSheet; view: BenchView; onAnswer: Props['onAnswer']; onBack: () => void };

/** Touched on the map, or typed as its number and Enter. */
function WhichBolt({ title, of, sheet, view, onAnswer, onBack }: WhichProps) {
  const [number, setNumber] = useState('');
  const meant = sheet.sketch.map.positions.find((p) => p.number === number)?.key;
  const take = meant === undefined ? undefined : () => onAnswer({ position: meant });
  usePanelKeys({ Enter: take, '/': onBack, Backspace: () => setNumber(''), ...digitKeys((d) => setNumber((n) => (n + d).slice(-3))) });
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,24rem)_minmax(0,1fr)] gap-7 px-7 py-5 portrait:grid-cols-1 portrait:grid-rows-[auto_minmax(0,1fr)]">
        <div>
          <p className="text-2xl">{of}</p>
          <h1 className="mt-1 text-[40px] leading-tight">{title}</h1>
          <p className="mt-3 text-xl">Touch it, or type its number.</p>
          <p className="mt-5 flex h-24 items-center rounded border-[3px] border-now bg-sheet px-5 text-5xl font-bold" aria-live="polite">
            {number === '' ? <span className="text-2xl font-normal text-soft">number</span> : number}
          </p>
          <p className="mt-2 min-h-7 text-lg text-soft">{number === '' ? '' : meant === undefined ? 'There is no such number here.' : whereOf(sheet, meant)}</p>
        </div>
        <div className="min-h-0">
          <JointMap
            sketch={sheet.sketch}
            marks={view.marks}
            picked={meant ?? null}
            onPick={(position) => onAnswer({ position })}
            detail="full"
            label="Touch the one that is meant"
          />
        </div>
      </main>
      <footer className="flex shrink-0 gap-4 border-t border-hair px-7 py-3">
        <BigKey look="main" cap="Enter" waits={take ? null : 'Touch it, or type its number'} onClick={take}>
          That one, {number}
        </BigKey>
        <BigKey cap="/" onClick={onBack}>
          Back
        </BigKey>
      </footer>
    </>
  );
}
