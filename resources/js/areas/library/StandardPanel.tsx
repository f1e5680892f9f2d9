import { answerOf, api } from '@/api/client';
import type { Source } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { QUANTITIES, RISK_CLASSES } from './choices';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { SourceChoice } from './SourceChoice';
import { LIBRARY } from './queries';

/** A window that the shop sets for figures printed bare. Somebody else signs it. */
export function StandardPanel({ sources, onClose }: { sources: Source[]; onClose: () => void }) {
  const { form, put, bind } = useForm({ code: '', quantity: '', tolerance: '', tool: '', risk_class: 'any', source: '' });
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Ask for a window standard"
      note="It holds once somebody else has signed it."
      verb="Ask for it"
      onClose={onClose}
      command={() =>
        answerOf(api.POST('/library/standards', { body: { ...form, tool: form.tool || null, risk_class: form.risk_class === 'any' ? null : form.risk_class } }))
      }
    >
      <div className="grid grid-cols-[8rem_1fr] gap-3">
        <Field label="Code" {...bind('code')} placeholder="FW-03-T" />
        <Choice label="Window of a" value={form.quantity} onChange={put('quantity')} placeholder="Choose" options={QUANTITIES} />
      </div>
      <Field label="To either side" {...bind('tolerance')} placeholder="4 % or 3°" />
      <Field label="For this kind of tool; empty: any" {...bind('tool')} placeholder="torque_wrench" />
      <Choice
        label="Risk class"
        value={form.risk_class}
        onChange={put('risk_class')}
        placeholder="Choose"
        options={[{ value: 'any', text: 'any' }, ...RISK_CLASSES]}
      />
      <SourceChoice sources={sources} value={form.source} onChange={put('source')} />
    </FormPanel>
  );
}
