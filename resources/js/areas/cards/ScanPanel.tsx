import { useState } from 'react';
import type { PaperCardSheet } from '@/api/types';
import { Problem } from '@/lib/problem';
import { FileField } from '@/ui/FileField';
import { FormPanel } from '@/ui/FormPanel';
import { CARDS, keepScan } from './queries';

/** The scan of a card, kept by the hash of its bytes. */
export function ScanPanel({ card, onClose }: { card: PaperCardSheet; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <FormPanel
      title={`Scan of card ${card.number}`}
      note="All of its pages, with the signature. Another one may replace it until it is compared."
      verb="Keep it"
      onClose={onClose}
      refreshes={CARDS}
      command={() => (file ? keepScan(card.number, file) : Promise.reject(new Problem('bad-value', 'Choose a PDF or a picture first.', 0)))}
    >
      <FileField label="PDF, PNG or JPEG, at most 20 MB" accept=".pdf,.png,.jpg,.jpeg" onChoose={setFile} />
    </FormPanel>
  );
}
