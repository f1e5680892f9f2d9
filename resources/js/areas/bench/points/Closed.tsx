import { Point, type PointProps, ToHook } from './Point';

/** It is signed: nothing more is done to it. */
export function Closed({ bench, sheet, view }: PointProps) {
  return (
    <Point bench={bench} sheet={sheet} view={view} title={`${sheet.joint} of ${sheet.serial}: finished`}>
      <p className="text-2xl">Everything is recorded, and signed. The lead sees it on the audit sheet.</p>
      <ToHook />
    </Point>
  );
}
