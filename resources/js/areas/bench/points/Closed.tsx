import { Point, type PointProps, ToHook } from './Point';

/** It is signed: nothing more is done to it. */
export function Closed({ bench, sheet, view }: PointProps) {
  // A serial is one word, however large it stands.
  const title = (
    <>
      {sheet.joint} of <span className="whitespace-nowrap">{sheet.serial}</span>: finished
    </>
  );
  return (
    <Point bench={bench} sheet={sheet} view={view} title={title}>
      <p className="text-2xl">Everything is recorded, and signed. The lead sees it on the audit sheet.</p>
      <ToHook />
    </Point>
  );
}
