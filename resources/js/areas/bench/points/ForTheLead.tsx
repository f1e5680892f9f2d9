import { NeedsServer } from '../NeedsServer';
import { Point, type PointProps } from './Point';
import { PointKeys } from './PointKeys';
import { Says } from './Says';

/** Only the lead, or who stands in for them, can go on with it: here, with own badge and PIN. */
export function ForTheLead({ bench, sheet, view }: PointProps) {
  const [answer] = view.call.answers;
  return (
    <Point bench={bench} sheet={sheet} view={view} title={view.call.title}>
      <NeedsServer bench={bench} />
      <Says call={view.call} />
      <PointKeys bench={bench} sheet={sheet} view={view} onEnter={answer && (() => bench.setOver('lead'))} enter={answer?.says} />
    </Point>
  );
}
