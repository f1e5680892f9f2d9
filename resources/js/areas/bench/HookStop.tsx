import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMe } from '@/api/session';
import type { HookData } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { BigKey } from './BigKey';
import { BenchHeader } from './BenchHeader';
import { HOOK, knowStop } from './queries';
import { QUIET_MS, usePadKeys } from './usePadKeys';

/** What the shop has stopped, in place of the hook, until whoever stands here says that it is known at this bench. */
export function HookStop({ stop }: { stop: HookData['stops'][number] }) {
  const me = useMe();
  const client = useQueryClient();
  const known = useMutation({ mutationFn: () => knowStop(stop.id), onSuccess: () => client.invalidateQueries({ queryKey: HOOK }) });
  const say = () => {
    if (!known.isPending) known.mutate();
  };
  usePadKeys({ '*': say }, QUIET_MS);
  return (
    <div className="flex h-screen min-h-[660px] flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">Tekkal</span>
      </BenchHeader>
      <main className="m-4 flex grow flex-col justify-center border-y-[28px] border-fault bg-fault-ground px-9" role="alert">
        <h1 className="wide text-[5.5rem] leading-none font-bold text-fault">Stopped</h1>
        <p className="mt-6 max-w-5xl text-4xl font-semibold">{stop.title}</p>
        <p className="mt-4 max-w-5xl text-3xl">{stop.why}</p>
        <p className="mt-4 text-xl">{stop.says} Begin nothing with it; what hangs here and goes by it waits until two have lifted that.</p>
        {known.isError && <p className="mt-4 text-xl font-semibold text-fault">{sentenceOf(known.error)}</p>}
      </main>
      <footer className="flex shrink-0 items-center gap-6 border-t border-hair px-7 py-3">
        <BigKey look="fault" cap="*" onClick={say} className="min-w-72">
          It is known here, {me.name}
        </BigKey>
        <p className="max-w-56 text-lg text-soft">Enter and the foot switch do nothing here.</p>
      </footer>
    </div>
  );
}
