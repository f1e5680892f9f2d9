import { useSearchParams } from 'react-router';
import type { FirstSteps as Listed } from '@/api/types';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { Refusal } from '@/ui/Refusal';
import { Loaded } from '@/ui/states';
import { FirstFrame } from '../first/FirstFrame';
import { STEP_BODIES } from '../first/bodies';
import { usePutStep, useSteps } from '../queries';

type Step = Listed['steps'][number];

/** What a shop that has begun still has to do, step by step; each can wait, and is found again under Today. */
export function FirstSteps() {
  return <Loaded query={useSteps()}>{({ steps }) => <Steps steps={steps} />}</Loaded>;
}

function Steps({ steps }: { steps: Step[] }) {
  const [params, setParams] = useSearchParams();
  const put = usePutStep();
  const open = steps.find((s) => s.state === 'open');
  const now = steps.find((s) => s.key === params.get('step')) ?? open;
  const choose = (step: string) => setParams({ step }, { replace: true });
  if (now === undefined) return <AllSaid />;
  const after = steps.slice(steps.indexOf(now) + 1);
  const next = () => choose((after.find((s) => s.state === 'open') ?? open ?? steps[0] ?? now).key);
  // One goes on at once: an answer that comes late takes nobody back from where they have gone meanwhile.
  const say = (as: 'open' | 'later' | 'not_needed') => {
    put.mutate({ step: now.key, as });
    if (as !== 'open') next();
  };
  return (
    <FirstFrame steps={steps} now={now.key} about="What is not done can wait." onChoose={choose}>
      <One key={now.key} step={now} onNext={next} onSay={say} />
      <Refusal of={put} className="mt-2" />
    </FirstFrame>
  );
}

function AllSaid() {
  return (
    <main className="p-7">
      <h1 className="text-2xl">The shop stands</h1>
      <p className="mt-2 mb-4 text-soft">Every first step is done or was said to be not needed. Engines come in under Builds.</p>
      <ButtonLink to="/builds" main>
        To the builds
      </ButtonLink>
    </main>
  );
}

function One({ step, onNext, onSay }: { step: Step; onNext: () => void; onSay: (as: 'open' | 'later' | 'not_needed') => void }) {
  const body = STEP_BODIES[step.key];
  return (
    <div className="max-w-3xl">
      <h2 className="text-[26px] font-semibold">{body?.title ?? step.title}</h2>
      {body !== undefined && <p className="mt-2 mb-5 text-lg">{body.lead}</p>}
      {body?.form}
      {step.state === 'done' && <p className="mt-5 font-semibold">This step is done.</p>}
      <div className="mt-7 flex items-center gap-3">
        {step.state === 'done' ? (
          <Button look="main" onClick={onNext}>
            Go on
          </Button>
        ) : (
          <>
            <Button onClick={() => onSay('later')}>Later</Button>
            <Button onClick={() => onSay(step.state === 'not_needed' ? 'open' : 'not_needed')}>
              {step.state === 'not_needed' ? 'It is needed after all' : 'Not needed here'}
            </Button>
            <span className="text-soft">Later leaves it under Today until it is done or said to be not needed.</span>
          </>
        )}
      </div>
    </div>
  );
}
