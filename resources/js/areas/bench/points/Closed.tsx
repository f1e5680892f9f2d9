import { Point, type PointProps, ToHook } from './Point';

/** It is signed, or the joint was opened again: nothing more is done in this run. */
export function Closed({ bench, sheet, view }: PointProps) {
  const opened = view.call.act === 'opened';
  // A serial is one word, however large it stands.
  const title = (
    <>
      {sheet.joint} of <span className="whitespace-nowrap">{sheet.serial}</span>
      {opened ? ' was opened again' : ': finished'}
    </>
  );
  return (
    <Point bench={bench} sheet={sheet} view={view} title={title}>
      <p className="text-2xl">
        {opened
          ? 'What was done stays on record. The joint comes apart, and the lead gives it out anew.'
          : 'Everything is recorded, and signed. The lead sees it on the audit sheet.'}
      </p>
      <ToHook />
    </Point>
  );
}
