import { answerOf, api } from '@/api/client';
import type { Source } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { SOURCE_KIND_OPTIONS } from './words';
import { LIBRARY } from './queries';

/** A source as it is printed, and where the shop keeps it. */
export function SourcePanel({ source, onClose }: { source: Source | null; onClose: () => void }) {
  const { form, put, bind } = useForm({
    code: source?.code ?? '',
    kind: source?.kind ?? '',
    title: source?.title ?? '',
    edition: source?.edition ?? '',
    date: source?.date ?? '',
    kept: source?.kept ?? '',
    superseded_by: source?.superseded_by ?? '',
  });
  return (
    <FormPanel
      refreshes={LIBRARY}
      title={source ? `Source ${source.code}` : 'Put a source on record'}
      note={source ? 'A new edition is a new source: put it on record and name it below.' : 'As printed. Procedures cite it by its code.'}
      verb={source ? 'Keep the change' : 'Put it on record'}
      onClose={onClose}
      command={() => answerOf(api.POST('/library/sources', { body: { ...form, kept: form.kept || null, superseded_by: form.superseded_by || null } }))}
    >
      <div className="grid grid-cols-[8rem_1fr] gap-3">
        <Field label="Code" {...bind('code')} disabled={source !== null} placeholder="S-014" />
        <Choice label="Whose document" value={form.kind} onChange={put('kind')} placeholder="Choose" options={SOURCE_KIND_OPTIONS} />
      </div>
      <Field label="Title" {...bind('title')} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="Edition or issue" {...bind('edition')} />
        <Field label="Date" {...bind('date')} placeholder="2025-11" />
      </div>
      <Field label="Where it is kept" {...bind('kept')} placeholder="office, shelf 2" />
      <Field label="Superseded by" {...bind('superseded_by')} placeholder="code of the newer one" />
    </FormPanel>
  );
}
