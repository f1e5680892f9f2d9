import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMe, useSession } from '@/api/session';
import type { CardAtBench } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { calendarDay } from '@/lib/typeset';
import { Failure, Loaded } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { BigKey } from '../BigKey';
import { BENCH, HOOK, beginPaper, beginRun, takeOver } from '../queries';
import { useOutbox } from '../useOutbox';
import { QUIET_MS, usePadKeys } from '../usePadKeys';

/** A job card on paper that was scanned here: what it is about, and that it is typed in now. */
export function PaperCard() {
  const { card = '' } = useParams();
  const query = useQuery({
    queryKey: [...BENCH, 'card', card],
    queryFn: () => answerOf(api.GET('/bench/cards/{card}', { params: { path: { card } } })),
    refetchOnMount: 'always',
  });
  return (
    <div className="flex min-h-screen flex-col">
      <BenchHeader>
        <span className="wide text-[22px] font-bold">{query.data?.serial ?? 'Tekkal'}</span>
        <span className="text-lg">{query.data?.joint}</span>
        <span className="text-lg">{query.data?.hardware}</span>
      </BenchHeader>
      <Loaded query={query}>{(data) => <Offered card={data} />}</Loaded>
      {query.isError && <Back />}
    </div>
  );
}

/** Begun, or taken over, where it is not in these hands; then what is typed stands on the card. */
function useTyping(card: CardAtBench) {
  const me = useMe();
  const device = useSession().data?.device;
  const { ready } = useOutbox();
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: async () => {
      const outbox = await ready();
      const run = card.run ?? (await outbox.command(beginRun(card.assignment, card.number))).id;
      if (card.holder && (card.holder.person !== me.id || card.holder.device !== device?.id)) await outbox.command((stamp) => takeOver(stamp, run));
      await outbox.command((stamp) => beginPaper(card.number)(stamp, run));
      return run;
    },
    onSuccess: (run) => {
      client.removeQueries({ queryKey: HOOK });
      void navigate(`/bench/runs/${run}`);
    },
  });
}

function Offered({ card }: { card: CardAtBench }) {
  const typing = useTyping(card);
  const go = card.why_not === null && !typing.isPending ? () => typing.mutate() : undefined;
  usePadKeys({ Enter: go }, QUIET_MS);
  return (
    <main className="flex grow flex-col justify-center px-7 py-6">
      <Facts card={card} />
      {card.why_not === null ? (
        <p className="mt-4 max-w-4xl text-xl">
          Type what stands on it, box by box, as the screen asks for it. It is known as copied from paper, for ever; somebody else compares it. What stands on
          the card is typed even where it is wrong: the screen says what follows.
        </p>
      ) : (
        <p role="alert" className="mt-5 max-w-4xl border-l-8 border-fault pl-4 text-2xl">
          {card.why_not}
        </p>
      )}
      {typing.isError && <Failure sentence={sentenceOf(typing.error)} />}
      <div className="mt-8 flex gap-4">
        {card.why_not === null && (
          <BigKey look="main" cap="Enter" onClick={go} disabled={typing.isPending}>
            Type it in
          </BigKey>
        )}
        <Back />
      </div>
    </main>
  );
}

function Facts({ card }: { card: CardAtBench }) {
  return (
    <>
      <h1 className="text-5xl">Card {card.number}</h1>
      <p className="mt-4 text-2xl">
        {card.serial}, {card.joint}, <b>{card.hardware}</b>, revision {card.revision}.
      </p>
      {card.worked_by !== null && (
        <p className="mt-2 text-2xl">
          Worked and signed by <b>{card.worked_by}</b>, {calendarDay(card.worked_on ?? '')}.
        </p>
      )}
      {card.flags.map((flag) => (
        <p key={flag} className="mt-3 border-l-8 border-fault pl-4 text-xl font-semibold">
          {flag}
        </p>
      ))}
    </>
  );
}

function Back() {
  const navigate = useNavigate();
  const back = () => void navigate('/bench');
  usePadKeys({ '/': back });
  return (
    <BigKey cap="/" onClick={back}>
      Back to my hook
    </BigKey>
  );
}
