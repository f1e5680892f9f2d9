import { type SyntheticEvent, useState } from 'react';
import { Link, Navigate, useNavigate, useSearchParams } from 'react-router';
import type { StopReach } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { Engines, Held } from '../Reach';
import { STOPS, type What, stopNow, useReach } from '../queries';

/** Before it is stopped: what that holds, and the one sentence that every bench will read. */
export function StopNow() {
  const [params] = useSearchParams();
  const query = useReach((params.get('what') ?? 'revision') as What, params.get('key') ?? '');
  return (
    <Loaded query={query}>{(reach) => (reach.stopped === null ? <Form reach={reach} /> : <Navigate replace to={`/stops/${String(reach.stopped)}`} />)}</Loaded>
  );
}

function Form({ reach }: { reach: StopReach }) {
  return (
    <main className="grow px-7 pt-5 pb-8">
      <p className="text-soft">Stop for everybody, at once</p>
      <h1 className="wide text-[32px] leading-tight font-bold">{reach.title}</h1>
      <div className="mt-5 grid gap-10 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <Reason reach={reach} />
        <section>
          <h2 className="text-lg">{heldWords(reach)}</h2>
          <div className="mt-2">
            <Held of={reach} stopped={false} />
          </div>
        </section>
      </div>
      <Engines of={reach} table={null} />
    </main>
  );
}

function Reason({ reach }: { reach: StopReach }) {
  const navigate = useNavigate();
  const [reason, setReason] = useState('');
  const [id] = useState(() => crypto.randomUUID());
  const stop = useCommand(() => stopNow({ id, what: reach.what, key: reach.key, reason }), STOPS, ['library'], ['tools'], ['lots'], ['builds'], ['today']);
  const say = (event: SyntheticEvent) => {
    event.preventDefault();
    stop.mutate(undefined, { onSuccess: ({ number }) => void navigate(`/stops/${String(number)}`) });
  };
  return (
    <form noValidate onSubmit={say}>
      <TextArea
        label="What is wrong, as every bench will read it"
        autoFocus
        rows={3}
        maxLength={300}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <p className="mt-3 text-soft">{WHAT[reach.what]} Two lift it: one asks and says why it may go on, another one signs.</p>
      <Refusal of={stop} className="mt-3" />
      <div className="mt-4 flex items-center gap-4">
        <Button look="fault" type="submit" disabled={stop.isPending}>
          Stop it now
        </Button>
        <Link className="quiet" to={reach.link}>
          Leave it as it is
        </Link>
      </div>
    </form>
  );
}

const WHAT: Record<What, string> = {
  revision: 'Benches at work with it are told what to do with the metal and go no further; nobody begins with it, is given it, prints it or signs it.',
  tool: 'Whoever has it in hand puts it aside and goes on with another one; it is handed out to nobody.',
  lot: 'Runs in which it is in go no further; what is put in of it afterwards is kept and flagged.',
};

function heldWords({ runs, jobs }: StopReach): string {
  const parts = [...(runs.length > 0 ? [`${count(runs.length, 'run')} under way`] : []), ...(jobs.length > 0 ? [`${count(jobs.length, 'job')} on hooks`] : [])];
  return parts.length === 0 ? 'It holds nothing that is under way' : `It holds ${parts.join(' and ')}`;
}
