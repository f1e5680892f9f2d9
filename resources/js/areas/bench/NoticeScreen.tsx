import { BigKey } from './BigKey';
import { Unsent } from './Unsent';
import { QUIET_MS, usePadKeys } from './usePadKeys';
import type { Bench } from './useRun';

/** What was kept and flagged, or set aside: read before anything goes on. */
export function NoticeScreen({ bench, onRead }: { bench: Bench; onRead: () => void }) {
  usePadKeys({ '*': onRead }, QUIET_MS);
  return (
    <main className="m-5 flex min-h-0 grow flex-col rounded-xl border-[14px] border-dashed border-fault bg-fault-ground px-9 py-6">
      <div className="flex grow flex-col justify-center" role="alert">
        <h1 className="wide text-[5.5rem] leading-none font-bold text-fault">{bench.notice?.title}</h1>
        <p className="mt-6 max-w-4xl text-3xl">{bench.notice?.sentence}</p>
        <p className="mt-4 text-xl">It stays in the record as it was, and the lead sees it.</p>
      </div>
      <div className="flex items-center gap-6">
        <BigKey look="fault" cap="*" onClick={onRead} className="min-w-72">
          I have read it
        </BigKey>
        <p className="max-w-56 text-lg text-soft">Enter and the foot switch do nothing here.</p>
        {bench.view && <Unsent bench={bench} view={bench.view} />}
      </div>
    </main>
  );
}
