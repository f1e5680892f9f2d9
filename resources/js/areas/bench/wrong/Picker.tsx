import { useContext, useEffect, useState } from 'react';
import type { BenchView, Mishaps, RunSheet } from '@/api/types';
import { NO_DIGITS, type TwoDigits, nextDigit } from '@/lib/two-digits';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from '../BigKey';
import { SheetOf } from '../FullSheet';
import { Locked } from '../lock/shown';
import { Unsent } from '../Unsent';
import { useLatest } from '../useLatest';
import { usePanelKeys } from '../usePadKeys';
import type { Bench } from '../useRun';
import { TilePicture } from './TilePicture';
import { useMishaps } from './useWrong';

type Props = {
  bench: Bench;
  sheet: RunSheet;
  view: BenchView;
  onPick: (key: string) => void;
  onPutOff: (says: string, event: Record<string, unknown>) => void;
  onBack: () => void;
};

/** Everything that may be wrong, each always in the same place: two digits, the column, then the row. */
export function Picker({ bench, sheet, view, onPick, onPutOff, onBack }: Props) {
  return (
    <SheetOf query={useMishaps(bench)} bench={bench} onBack={onBack}>
      {(mishaps) => <Tiles mishaps={mishaps} bench={bench} sheet={sheet} view={view} onPick={onPick} onPutOff={onPutOff} onBack={onBack} />}
    </SheetOf>
  );
}

function Tiles({ mishaps, bench, sheet, view, onPick, onPutOff, onBack }: Props & { mishaps: Mishaps }) {
  const may = (key: string) => mishaps.tiles.some((t) => t.key === key && t.why_not === undefined) && !isStillSent(key, bench);
  const { digit, note } = useTwoDigits((key) => {
    if (may(key)) onPick(key);
  });
  const { put_off: later } = mishaps;
  const putOff = later.event === undefined ? undefined : () => onPutOff(later.says ?? '', { ...later.event });
  usePanelKeys({ Enter: onBack, '0': putOff });
  return (
    <>
      <main className="flex min-h-0 grow flex-col px-7 pt-4 pb-4 portrait:px-5">
        <Where mishaps={mishaps} sheet={sheet} view={view} />
        <div className="mt-3 grid grow grid-cols-5 gap-4">
          {columnsOf(mishaps).map(([column, tiles], i) => (
            <section key={column} className={`flex min-h-0 flex-col gap-4 ${digit !== '' && digit !== String(i + 1) ? 'opacity-40' : ''}`} aria-label={column}>
              <h2 className="-mb-2 truncate text-lg font-semibold small:text-base">
                {i + 1} <span className="ml-1">{column}</span>
              </h2>
              {tiles.map((tile) => (
                <Tile key={tile.key} tile={tile} sending={isStillSent(tile.key, bench)} onPick={() => onPick(tile.key)} />
              ))}
            </section>
          ))}
        </div>
      </main>
      <footer className="flex shrink-0 items-center gap-4 border-t border-hair px-7 py-3 portrait:flex-wrap portrait:px-5">
        <BigKey look="main" cap="Enter" onClick={onBack}>
          Nothing is wrong, back
        </BigKey>
        <BigKey cap="0" waits={putOff ? null : (later.why_not ?? null)} onClick={putOff}>
          Put it off
        </BigKey>
        <p role="status" className="max-w-96 text-lg">
          {note ?? 'Two digits: the column, then the row.'} <span className="block text-soft">What it costs is shown before anything is done.</span>
        </p>
        <Unsent bench={bench} view={view} />
      </footer>
    </>
  );
}

/** Where one was when it went wrong. */
function Where({ mishaps, sheet, view }: { mishaps: Mishaps; sheet: RunSheet; view: BenchView }) {
  return (
    <div className="flex items-start justify-between gap-7">
      <div className="min-w-0">
        <h1 className="text-[44px] leading-none">What is wrong?</h1>
        <p className="mt-2 text-xl">
          {mishaps.at} <span className="text-soft">Nothing goes on until this is answered.</span>
        </p>
      </div>
      <div className="h-24 w-64 shrink-0 portrait:w-44">
        <JointMap sketch={sheet.sketch} marks={view.marks} now={mishaps.bolt} detail="small" label="The joint as it stands" />
      </div>
    </div>
  );
}

/** A value that is on its way cannot be taken back yet. */
const isStillSent = (key: string, bench: Bench) => key === '34' && bench.outboxState.waiting.length > 0;

function columnsOf({ tiles }: Mishaps): [string, Mishaps['tiles']][] {
  return [...new Set(tiles.map((t) => t.column))].map((column) => [column, tiles.filter((t) => t.column === column)]);
}

/** One alone picks nothing; what comes faster than a hand is a reading, and said to be one. */
function useTwoDigits(onTile: (key: string) => void): { digit: string; note: string | null } {
  const [state, setState] = useState<{ digit: string; note: string | null }>({ digit: '', note: null });
  const latest = useLatest(onTile);
  const locked = useContext(Locked);
  useEffect(() => {
    // The digits of a badge are none of these.
    if (locked) return undefined;
    let now: TwoDigits = NO_DIGITS;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || (event.key.length > 1 && event.key !== 'Enter')) return;
      clearTimeout(timer);
      const step = nextDigit(now, event.key, performance.now());
      now = step.now;
      if (step.is === 'reading') event.stopImmediatePropagation();
      setState({ digit: now.digits.slice(0, 1), note: step.is === 'reading' ? 'That came as fast as a reading, and was not taken.' : null });
      if (step.is === 'tile') timer = setTimeout(() => latest.current(step.key), step.after);
    };
    window.addEventListener('keydown', onKey, true);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('keydown', onKey, true);
    };
  }, [locked, latest]);
  return state;
}

type TileProps = { tile: Mishaps['tiles'][number]; sending: boolean; onPick: () => void };

/** A glove's target; one that nobody can mean now stays where it is, and says why. */
function Tile({ tile, sending, onPick }: TileProps) {
  const why = sending ? 'it is still being sent' : tile.why_not;
  return (
    <button
      type="button"
      disabled={why !== undefined}
      onClick={onPick}
      className={`flex min-h-24 grow basis-0 items-center gap-2.5 rounded border-2 px-3 text-left portrait:flex-col portrait:items-start portrait:justify-center portrait:gap-1.5 portrait:px-2.5 ${
        why === undefined ? 'border-line bg-sheet' : 'border-dashed border-hair text-soft'
      }`}
    >
      <kbd className={`rounded border px-2 py-0.5 font-sans text-base ${why === undefined ? 'border-line' : 'border-hair'}`}>{tile.key}</kbd>
      {why === undefined && <TilePicture of={tile.key} />}
      <span className="min-w-0 text-lg leading-tight font-semibold small:text-base small:leading-tight">
        {tile.says}
        {why !== undefined && <span className="block text-base leading-tight font-normal">{why}</span>}
      </span>
    </button>
  );
}
