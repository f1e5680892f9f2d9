import type { BenchView } from '@/api/types';
import { BigKey } from './BigKey';
import { Unsent } from './Unsent';
import type { Bench } from './useRun';
import { usePadKeys } from './usePadKeys';

export type BarKey = { cap: string; says: string; do?: (() => void) | undefined; look?: 'main' | 'plain' | 'fault'; waits?: string | null };

type Props = { bench: Bench; view: BenchView; keys: BarKey[]; pad?: Record<string, (() => void) | undefined>; quietMs?: number };

/** Upright they share the width: few of them have room for all that they say. */
const UPRIGHT: Record<number, string> = { 1: 'portrait:grid-cols-2', 2: 'portrait:grid-cols-2', 3: 'portrait:grid-cols-3' };
const ALL_UPRIGHT = 'portrait:grid-cols-[1.1fr_1.22fr_0.84fr_0.84fr]';

/** What can be done now, one big key each, the same cap that the numeric pad has; a dead one says what it waits for. */
export function KeyBar({ bench, view, keys, pad = {}, quietMs = 0 }: Props) {
  const live = Object.fromEntries(keys.map((k) => [k.cap === '×' ? '*' : k.cap, k.waits === undefined || k.waits === null ? k.do : undefined]));
  usePadKeys({ ...pad, ...live }, quietMs);
  return (
    <footer
      className={`flex shrink-0 items-center gap-4 border-t border-hair px-7 py-3 portrait:grid portrait:gap-3 portrait:px-5 portrait:pb-2 ${UPRIGHT[keys.length] ?? ALL_UPRIGHT}`}
    >
      {keys.map((key) => (
        <BigKey
          key={key.cap}
          cap={key.cap}
          look={key.look ?? 'plain'}
          waits={key.waits ?? null}
          onClick={key.do}
          className="portrait:min-w-0 portrait:flex-col portrait:items-start portrait:justify-center portrait:gap-1 portrait:px-3 portrait:text-lg portrait:leading-tight"
        >
          {key.says}
        </BigKey>
      ))}
      <Unsent bench={bench} view={view} />
    </footer>
  );
}
