import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { useForm } from '@/ui/useForm';
import { SourceChoice } from './SourceChoice';
import { LIBRARY, askTable, useSources } from './queries';

const CONDITIONS = ['dry', 'engine oil', 'assembly lubricant', 'anti-seize'].map((text) => ({ value: text, text }));

/** A general table is proposed: pasted row by row, from a paper on record. Somebody else signs it. */
export function GeneralTablePanel({ onClose }: { onClose: () => void }) {
  const sources = useSources().data?.sources ?? [];
  const { form, put, bind } = useForm({ code: '', source: '', condition: '', tolerance: '', rows: '', although: '' });
  return (
    <FormPanel
      refreshes={LIBRARY}
      title="Ask for a general table"
      note="It serves once somebody else has signed it."
      verb="Ask for it"
      wide
      onClose={onClose}
      command={() => askTable(form)}
    >
      <div className="grid gap-3 md:grid-cols-[9rem_1fr]">
        <Field label="Code" {...bind('code')} placeholder="GT-01" />
        <SourceChoice sources={sources} value={form.source} onChange={put('source')} />
      </div>
      <div className="grid gap-3 md:grid-cols-2">
        <Choice label="The threads are" value={form.condition} onChange={put('condition')} placeholder="Dry or oiled" options={CONDITIONS} />
        <Field label="To either side" {...bind('tolerance')} placeholder="10 %" />
      </div>
      <TextArea
        label="A row to a line: thread; class; into what; torque with its unit"
        {...bind('rows')}
        rows={7}
        placeholder={'M6; 8.8; cast iron; 9.5 N·m\nM8; 8.8; aluminium; 20 N·m'}
        hint="A table copied out of a sheet may be pasted as it is."
      />
      <Field label="What speaks for a row that is doubted, if one is" {...bind('although')} />
    </FormPanel>
  );
}
