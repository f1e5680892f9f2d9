import { useState } from 'react';
import { answerOf, api, asForm } from '@/api/client';
import type { Source } from '@/api/types';
import { Problem } from '@/lib/problem';
import { FileField } from '@/ui/FileField';
import { FormPanel } from '@/ui/FormPanel';
import { LIBRARY } from './queries';

/** The paper of a source, kept as it is. */
export function PaperPanel({ source, onClose }: { source: Source; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <FormPanel
      refreshes={LIBRARY}
      title={`Paper of ${source.code}`}
      note={`${source.title}, ${source.edition}`}
      verb="Keep it"
      onClose={onClose}
      command={() => {
        if (!file) return Promise.reject(new Problem('bad-value', 'Choose a PDF or a picture first.', 0));
        return answerOf(api.POST('/library/sources/{source}/paper', { params: { path: { source: source.id } }, body: { file }, bodySerializer: asForm }));
      }}
    >
      <FileField label="PDF, PNG or JPEG, at most 20 MB" accept=".pdf,.png,.jpg,.jpeg" onChoose={setFile} />
    </FormPanel>
  );
}
