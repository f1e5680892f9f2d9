import { type ReactNode, useState } from 'react';
import { MorePanel } from '../MorePanel';
import { BigKey } from '../BigKey';
import { QUIET_MS, usePadKeys } from '../usePadKeys';
import { type PointProps, ToHook } from './Point';

type Props = PointProps & {
  /** What Enter does, and the key that says so; absent where nothing can be done here. */
  onEnter?: (() => void) | undefined;
  enter?: ReactNode;
  /** Keys that belong to this place alone. */
  own?: Record<string, () => void>;
};

/** The keys of a place at which work waits: its own, what is wrong, more, and the hook. */
export function PointKeys({ bench, sheet, view, onEnter, enter, own = {} }: Props) {
  const [more, setMore] = useState(false);
  const wrong = () => bench.setOver('wrong');
  usePadKeys({ Enter: onEnter, '/': wrong, '+': () => setMore(true), ...own }, QUIET_MS);
  return (
    <>
      <div className="mt-8 flex flex-wrap gap-4">
        {onEnter && (
          <BigKey look="main" cap="Enter" onClick={onEnter}>
            {enter}
          </BigKey>
        )}
        <BigKey cap="/" onClick={wrong}>
          Something is wrong
        </BigKey>
        <BigKey cap="+" onClick={() => setMore(true)}>
          More
        </BigKey>
      </div>
      <ToHook />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}
