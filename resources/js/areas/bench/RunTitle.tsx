import type { RunSheet } from '@/api/types';

/** Engine, joint and hardware: named wherever work is shown. */
export function RunTitle({ sheet }: { sheet: RunSheet }) {
  return (
    <>
      <span className="wide text-[22px] font-bold">{sheet.serial}</span>
      <span className="text-lg">{sheet.joint}</span>
      <span className="text-lg">{sheet.hardware}</span>
      <span className="text-lg text-soft">revision {sheet.revision}</span>
    </>
  );
}
