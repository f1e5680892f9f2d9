import { useState } from 'react';
import type { Build } from '@/api/types';
import { Problem } from '@/lib/problem';
import { Field } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { BUILDS, keepPaper } from './queries';

/** A joint that was tightened before the shop had this record: its paper, with who signed it and when. */
export function PaperPanel({ build, joint, onClose }: { build: Build; joint: { id: string; name: string }; onClose: () => void }) {
  const { form, bind } = useForm({ by: '', on: '' });
  const [file, setFile] = useState<File | null>(null);
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}, done before`}
      note="On paper, before Tekkal. It is told with its scan, and never counted as recorded: the audit says no to it."
      verb="Keep it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() =>
        file
          ? keepPaper(build.id, joint.id, form.by.trim(), form.on, file)
          : Promise.reject(new Problem('bad-value', 'Choose the scan of its paper first, PDF or picture.', 0))
      }
    >
      <div className="grid grid-cols-2 gap-4">
        <Field label="Who signed the paper" {...bind('by')} />
        <Field label="On which day" type="date" {...bind('on')} />
      </div>
      <FileField label="PDF, PNG or JPEG, at most 20 MB" accept=".pdf,.png,.jpg,.jpeg" onChoose={setFile} />
    </FormPanel>
  );
}
