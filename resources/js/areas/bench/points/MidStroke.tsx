import { BigKey } from '../BigKey';
import { QUIET_MS, usePadKeys } from '../usePadKeys';
import { useObserve } from '../useRun';
import { Point, type PointProps } from './Point';

/** One was called away in the middle of an angle: it goes on at the very stroke, if the tool or the paint line has kept where it began. */
export function MidStroke({ bench, sheet, view, onGoOn }: PointProps & { onGoOn: () => void }) {
  const { call } = view;
  const observe = useObserve(bench);
  const doubt = () => bench.setOver('doubt');
  const goOn = () => {
    onGoOn();
    void observe({ type: 'resumed', after_idle: false });
  };
  usePadKeys({ Enter: goOn, '*': doubt }, QUIET_MS);
  return (
    <Point bench={bench} sheet={sheet} view={view} title={`${call.title} stands at ${call.sum ?? ''}°`}>
      <p className="text-2xl">
        {call.sum}° of {call.scale?.digits}° are done; nobody has to begin again. It goes on only if the tool or the paint line has kept where it began.
      </p>
      <div className="mt-8 flex flex-wrap gap-4">
        <BigKey look="main" cap="Enter" onClick={goOn}>
          The line is where it must be, go on
        </BigKey>
        <BigKey cap="*" onClick={doubt}>
          No, or I am not sure
        </BigKey>
      </div>
    </Point>
  );
}
