import { BigKey } from './BigKey';
import { QUIET_MS, usePadKeys } from './usePadKeys';

export type StopKey = { cap: string; says: string; work: () => void };

/** Keys of a screen that nothing is confirmed on by Enter, listened to as they are drawn. */
export function useStopKeys(keys: StopKey[]): void {
  usePadKeys(Object.fromEntries(keys.map(({ cap, work }) => [cap, work])), QUIET_MS);
}

/** The one that puts it right looks like it. */
export function StopKeys({ keys }: { keys: StopKey[] }) {
  return keys.map(({ cap, says, work }) => (
    <BigKey key={cap} look={cap === '*' ? 'fault' : 'plain'} cap={cap} onClick={work}>
      {says}
    </BigKey>
  ));
}
