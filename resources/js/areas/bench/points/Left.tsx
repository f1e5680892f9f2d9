import { BigKey } from '../BigKey';
import { QUIET_MS, usePadKeys } from '../usePadKeys';
import { useObserve } from '../useRun';
import { LeftWords } from './LeftWords';
import { Point, type PointProps, ToHook } from './Point';

/** It was left: before it is touched, its state is seen, and what whoever left it had to say. */
export function Left({ bench, sheet, view }: PointProps) {
  const observe = useObserve(bench);
  const goOn = () => void observe({ type: 'resumed', after_idle: false });
  usePadKeys({ Enter: goOn, '/': () => bench.setOver('wrong') }, QUIET_MS);
  return (
    <Point bench={bench} sheet={sheet} view={view} title="Left for now">
      <LeftWords left={bench.left} />
      <p className="text-2xl">
        {view.done} of {view.all} steps are done; the metal must show these marks. Look before you touch it.
      </p>
      <div className="mt-8 flex flex-wrap gap-4">
        <BigKey look="main" cap="Enter" onClick={goOn}>
          It looks like this, go on
        </BigKey>
        <BigKey cap="/" onClick={() => bench.setOver('wrong')}>
          Something is wrong
        </BigKey>
      </div>
      <ToHook />
    </Point>
  );
}
