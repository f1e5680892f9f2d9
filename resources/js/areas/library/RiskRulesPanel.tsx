import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { ClassRule } from '@/api/types';
import { FormPanel } from '@/ui/FormPanel';
import { RiskClassFields, toAsk } from '@/ui/RiskClassFields';
import { TextArea } from '@/ui/TextArea';
import { LIBRARY } from './queries';

/** The shop wants more of a class than it comes with. Somebody else signs it. */
export function RiskRulesPanel({ rules, onClose }: { rules: ClassRule[]; onClose: () => void }) {
  const [asked, setAsked] = useState(() => toAsk(rules));
  const [why, setWhy] = useState('');
  return (
    <FormPanel
      refreshes={LIBRARY}
      wide
      title="What a class asks for"
      note="It holds once somebody else has signed it: for what is approved and for runs that begin from then on."
      verb="Ask for it"
      onClose={onClose}
      command={() => answerOf(api.POST('/library/risk-rules', { body: { rules: asked, why: why.trim() } }))}
    >
      <RiskClassFields rules={asked} onChange={setAsked} />
      <TextArea label="Why, for whoever signs" rows={2} value={why} onChange={(e) => setWhy(e.target.value)} />
    </FormPanel>
  );
}
