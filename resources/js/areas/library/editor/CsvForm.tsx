import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { TextArea } from '@/ui/TextArea';
import type { Editing } from './editor';

const COLUMNS = ['key', 'number', 'x', 'y', 'group', 'part', 'landmark'] as const;

function quoted(value: string): string {
  return /[",\n]/.test(value) ? `"${value.replaceAll('"', '""')}"` : value;
}

/** Positions as a table of text, out of the map and back into it. */
export function CsvForm({ doc, edit }: Editing) {
  const [csv, setCsv] = useState('');
  const read = useMutation({
    mutationFn: () => answerOf(api.POST('/library/map/csv', { body: { csv, groups: doc.groups.map((g) => g.key), parts: doc.map.parts.map((p) => p.key) } })),
    onSuccess: ({ positions }) => edit('csv', (d) => ({ ...d, map: { ...d.map, positions } })),
  });
  return (
    <details>
      <summary className="cursor-pointer text-soft">As a table of text (CSV)</summary>
      <TextArea
        className="mt-2"
        label="number, x and y in mm; group, part, landmark and key where wanted"
        rows={8}
        spellCheck={false}
        value={csv}
        onChange={(e) => setCsv(e.target.value)}
      />
      <Refusal of={read} className="mt-1" />
      <p className="mt-2 flex gap-3">
        <Button small onClick={() => setCsv([COLUMNS.join(','), ...doc.map.positions.map((p) => COLUMNS.map((c) => quoted(p[c] ?? '')).join(','))].join('\n'))}>
          Write the map here
        </Button>
        <Button small disabled={csv.trim() === '' || read.isPending} onClick={() => read.mutate()}>
          Make this the map
        </Button>
      </p>
    </details>
  );
}
