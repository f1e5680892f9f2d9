import { useState } from 'react';
import { useMay, useZone } from '@/api/session';
import type { AsideLine, DismissReason } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { useDismiss } from './queries';

const REASONS: { value: DismissReason; text: string }[] = [
  { value: 'sent_twice', text: 'It was sent twice' },
  { value: 'not_this_joint', text: 'It belongs to no step here' },
  { value: 'test_pull', text: 'It was a test pull' },
];

/** What a bench saw and that moved nothing, each with why, and what the lead made of it. */
export function AsideTable({ lines }: { lines: AsideLine[] }) {
  const [dismissing, setDismissing] = useState<AsideLine | null>(null);
  return (
    <>
      <table className="mt-2 w-full">
        <TableHead
          columns={[
            'arrived',
            'what the bench saw',
            ['value', 'pr-6 text-right'],
            ['why it moved nothing', 'pr-6'],
            ['tool', 'pr-6'],
            ['person', 'pr-6'],
            ['', 'w-32'],
          ]}
        />
        <tbody>
          {lines.map((line) => (
            <Row key={line.entry} line={line} onDismiss={() => setDismissing(line)} />
          ))}
        </tbody>
      </table>
      {dismissing && <DismissPanel line={dismissing} onClose={() => setDismissing(null)} />}
    </>
  );
}

function Row({ line, onDismiss }: { line: AsideLine; onDismiss: () => void }) {
  const zone = useZone();
  const may = useMay();
  return (
    <tr className="h-11 border-b border-hair">
      <td className="pr-6 whitespace-nowrap text-soft">{dayAndTime(line.received_at, zone)}</td>
      <td className="pr-6">{line.what}</td>
      <td className="pr-6 text-right font-semibold">{line.value ?? '–'}</td>
      <td className="py-1.5 pr-6">
        {line.reason}
        {line.told !== null && <span className="text-soft"> Said of it: {line.told}</span>}
      </td>
      <td className="pr-6">{line.tool ?? (line.told === null ? 'unknown' : '–')}</td>
      <td className="pr-6 whitespace-nowrap">{line.person}</td>
      <td className="text-right text-soft">
        {line.disposed_at !== null && `dismissed ${dayAndTime(line.disposed_at, zone)}`}
        {line.disposed_at === null && may('dispose-readings') && (
          <Button small onClick={onDismiss}>
            Dismiss
          </Button>
        )}
      </td>
    </tr>
  );
}

function DismissPanel({ line, onClose }: { line: AsideLine; onClose: () => void }) {
  const dismiss = useDismiss(line.entry, onClose);
  return (
    <Panel
      title={`Dismiss ${line.value ?? 'what could not be read'}`}
      open
      onClose={onClose}
      note="It stays in the record with its standing; this says why it needs nothing more."
    >
      <div className="flex flex-col gap-3">
        {REASONS.map((reason) => (
          <Button key={reason.value} disabled={dismiss.isPending} onClick={() => dismiss.mutate(reason.value)} className="text-left">
            {reason.text}
          </Button>
        ))}
        <Refusal of={dismiss} />
      </div>
    </Panel>
  );
}
