import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { createPortal } from 'react-dom';
import { useNavigate } from 'react-router';
import { type BadgeAndPin, SESSION, signInAtBench, useMe, useSession, useSetSession, wasTaken } from '@/api/session';
import type { Session } from '@/api/types';
import { Problem, sentenceOf, wantsOwn } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { BENCH } from '../queries';
import { useOutbox } from '../useOutbox';
import { Locked, ShowWhileLocked } from './shown';
import { useIdleLock } from './useIdleLock';

/** Everything a bench shows, under a lock that closes by itself when nobody touches it. What was being done stays as it is. */
export function BenchLock({ children }: { children: ReactNode }) {
  const me = useMe();
  const who = `${me.name}, ${useSession().data?.device?.name ?? 'this bench'}`;
  const { outbox, state } = useOutbox();
  const client = useQueryClient();
  const { idle, open } = useIdleLock(me.sitting ?? '', me.locked);
  const [shown, setShown] = useState<string | null>(null);
  const locked = idle.state === 'locked';
  return (
    <ShowWhileLocked value={setShown}>
      {idle.state === 'warning' && <Warning secondsLeft={idle.secondsLeft} />}
      <Locked value={locked}>
        <div inert={locked} aria-hidden={locked}>
          {children}
        </div>
      </Locked>
      {locked && (
        <LockScreen
          who={who}
          shown={shown}
          unsent={state.waiting.length}
          lastSeq={async () => (await outbox?.lastSeq()) ?? null}
          onOpen={() => {
            outbox?.markAfterIdle(false);
            open();
          }}
          onWithoutPin={() => {
            // Until somebody answers again: a server that holds it locked says so with its first answer.
            client.setQueryData<Session>(SESSION, (now) => now && { ...now, person: now.person && { ...now.person, locked: false } });
            outbox?.markAfterIdle(true);
            open();
          }}
        />
      )}
    </ShowWhileLocked>
  );
}

/** Beneath nothing that lies open: it has to be seen, or what is typed there is locked over unawares. */
function Warning({ secondsLeft }: { secondsLeft: number }) {
  return createPortal(
    <p role="status" className="fixed inset-x-0 top-0 z-50 bg-ink px-7 py-3 text-center text-2xl font-semibold text-paper">
      This bench locks itself in {secondsLeft} s. Touch it to stay.
    </p>,
    document.body,
  );
}

type LockProps = { who: string; shown: string | null; unsent: number; lastSeq: () => Promise<number | null>; onOpen: () => void; onWithoutPin: () => void };

/** The same person comes back to what was being done; somebody else begins at the hook. */
function useUnlock(lastSeq: LockProps['lastSeq'], onOpen: () => void) {
  const me = useMe();
  const client = useQueryClient();
  const setSession = useSetSession();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (given: BadgeAndPin) => signInAtBench(given, lastSeq),
    onSuccess: async (next) => {
      onOpen();
      if (next.person?.sitting === me.sitting) {
        client.setQueryData(SESSION, next);
        await client.invalidateQueries({ queryKey: BENCH });
      } else {
        setSession(next);
        void navigate('/bench', { replace: true });
      }
    },
  });
}

function LockScreen({ who, shown, unsent, lastSeq, onOpen, onWithoutPin }: LockProps) {
  const unlock = useUnlock(lastSeq, onOpen);
  const nobody = unlock.error instanceof Problem && unlock.error.unanswered;
  return (
    <Topmost>
      <div className="grid min-h-full grid-cols-[minmax(0,1fr)_30rem] portrait:grid-cols-1">
        <section className="flex flex-col justify-center gap-5 border-r border-line p-10 portrait:gap-3 portrait:border-r-0 portrait:border-b portrait:py-5">
          <p className="wide text-[clamp(4.5rem,9.4vw,7.5rem)] leading-none font-bold">Locked</p>
          <p className="text-2xl">{who}. Nothing was done here for ten minutes.</p>
          {shown === null ? (
            <p className="text-xl text-soft">No fault stands open here.</p>
          ) : (
            <p className="rounded-xl border-[10px] border-fault bg-fault-ground px-6 py-4 text-2xl font-semibold">{shown}</p>
          )}
          <p className="text-xl font-semibold">{unsent === 0 ? 'All is sent.' : `${String(unsent)} not sent yet, kept here.`}</p>
          <p className="max-w-xl text-xl">Badge and PIN come back to the same stroke. Another badge begins with its own hook.</p>
          {nobody && <WithoutPin onGoOn={onWithoutPin} />}
        </section>
        <section className="flex flex-col justify-center p-10 portrait:py-5">
          <BadgePin
            done="Open"
            busy={unlock.isPending}
            error={unlock.isError && !nobody && !wantsOwn(unlock.error) ? sentenceOf(unlock.error) : ''}
            onDone={async (badge, pin, own) => wasTaken(unlock.mutateAsync({ badge, pin, ...(own === undefined ? {} : { new_pin: own }) }))}
          />
        </section>
      </div>
    </Topmost>
  );
}

/** Over everything, sheets and questions that lie open too: what is beneath is neither seen nor reached, and nothing but the badge takes it away. */
function Topmost({ children }: { children: ReactNode }) {
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Content aria-describedby={undefined} className="fixed inset-0 z-50 overflow-auto bg-paper outline-none">
          <Dialog.Title className="sr-only">This bench is locked</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function WithoutPin({ onGoOn }: { onGoOn: () => void }) {
  return (
    <div>
      <p className="max-w-xl text-xl">The server cannot be reached, so no PIN can be checked. What is done from here is marked as that until one is.</p>
      <button type="button" className="mt-3 h-24 rounded border-2 border-line bg-sheet px-8 text-xl font-semibold" onClick={onGoOn}>
        Go on without a PIN
      </button>
    </div>
  );
}
