import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { ClassRule, RiskRules } from '@/api/types';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { RiskClassFields, toAsk } from '@/ui/RiskClassFields';
import { Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { LIBRARY } from '../queries';

/** What each risk class asks for: as it comes, or what the shop wants instead. */
export function RiskClasses() {
  const query = useQuery({ queryKey: [...LIBRARY, 'risk-rules'], queryFn: () => answerOf(api.GET('/library/risk-rules')) });
  return (
    <section className="mt-6" aria-label="Risk classes">
      <Loaded query={query}>{(rules) => <InForce data={rules} />}</Loaded>
    </section>
  );
}

function InForce({ data }: { data: RiskRules }) {
  const [changing, setChanging] = useState(false);
  return (
    <>
      <p className="text-soft">
        <b className="font-semibold text-ink">{begins(data)}</b> {data.rules.map(said).join('; ')}.{' '}
        {!changing && (
          <Button small className="ml-2" onClick={() => setChanging(true)}>
            Change them
          </Button>
        )}
      </p>
      {data.asked !== null && (
        <p role="status" className="mt-1">
          Asked for: {data.asked.rules.map(said).join('; ')}. An approver signs it under Today.
        </p>
      )}
      {changing && <Change rules={data.asked?.rules ?? data.rules} onDone={() => setChanging(false)} />}
    </>
  );
}

const begins = ({ set }: RiskRules) => (set === null ? 'Risk classes as they come:' : 'Risk classes:');

function said({ class: of, least_words, watched, second_look }: ClassRule): string {
  return [`${of}, ${least_words}`, ...(watched ? ['a second quantity watched'] : []), ...(second_look ? ['a second look at the end'] : [])].join(', ');
}

function Change({ rules, onDone }: { rules: ClassRule[]; onDone: () => void }) {
  const [asked, setAsked] = useState(() => toAsk(rules));
  const [why, setWhy] = useState('');
  const ask = useCommand(() => answerOf(api.POST('/library/risk-rules', { body: { rules: asked, why: why.trim() } })), LIBRARY);
  return (
    <div className="mt-2">
      <RiskClassFields rules={asked} onChange={setAsked} />
      <Field className="mt-3" label="Why, for whoever signs" value={why} onChange={(e) => setWhy(e.target.value)} />
      <Refusal of={ask} className="mt-2" />
      <div className="mt-3 flex gap-3">
        <Button onClick={() => ask.mutate(undefined, { onSuccess: onDone })} disabled={ask.isPending}>
          Ask for these classes
        </Button>
        <Button onClick={onDone}>As they are</Button>
      </div>
    </div>
  );
}
