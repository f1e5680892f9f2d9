import { useState } from 'react';
import { useMay } from '@/api/session';
import type { ToolOnBoard, ToolPage } from '@/api/types';
import { Problem } from '@/lib/problem';
import { calendarDay } from '@/lib/typeset';
import { FileField } from '@/ui/FileField';
import { FormPanel } from '@/ui/FormPanel';
import { TableHead } from '@/ui/TableHead';
import { TOOLS, certificateOf, keepCertificate, sheetOf } from './queries';

type Row = ToolPage['calibrations'][number];

const FOUND: Record<Row['found'], string> = { good: 'good', failed: 'failed', unread: 'could not be read', new: 'new' };

/** All calibrations of a tool, the newest first, each with its sheet and its certificate. */
export function CalibrationList({ tool, calibrations }: { tool: ToolOnBoard; calibrations: Row[] }) {
  const may = useMay();
  const [attach, setAttach] = useState<Row | null>(null);
  if (calibrations.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-lg">Calibrations</h2>
      <table className="mt-1 w-full text-[15px]">
        <TableHead columns={['calibrated', 'as found', 'as left', 'certificate', ['good until', 'text-right'], ['', 'w-64']]} />
        <tbody>
          {calibrations.map((c) => (
            <tr key={c.id} className="h-9 border-b border-hair">
              <td className="font-semibold">{calendarDay(c.on)}</td>
              <td className={c.found === 'failed' ? 'font-semibold text-fault' : ''}>{FOUND[c.found]}</td>
              <td className={c.conforms ? '' : 'font-semibold text-fault'}>{c.conforms ? 'good' : 'fails'}</td>
              <td className="text-soft">{c.certificate}</td>
              <td className="text-right">{calendarDay(c.due)}</td>
              <td className="text-right">
                <Papers row={c} onAttach={may('keep-tools') ? () => setAttach(c) : null} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {attach !== null && <AttachPanel code={tool.code} row={attach} onClose={() => setAttach(null)} />}
    </section>
  );
}

function Papers({ row, onAttach }: { row: Row; onAttach: (() => void) | null }) {
  return (
    <span className="flex justify-end gap-4">
      {row.readings && (
        <a className="quiet" href={sheetOf(row.id)} target="_blank" rel="noreferrer">
          Print the sheet
        </a>
      )}
      {row.paper && (
        <a className="quiet" href={certificateOf(row.id)}>
          Certificate
        </a>
      )}
      {!row.paper && onAttach !== null && (
        <button type="button" className="quiet underline decoration-hair underline-offset-4" onClick={onAttach}>
          Attach certificate
        </button>
      )}
    </span>
  );
}

function AttachPanel({ code, row, onClose }: { code: string; row: Row; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <FormPanel
      title={`Certificate ${row.certificate} of ${code}`}
      note="It is kept as it is, by the hash of its bytes, and stays."
      verb="Attach it"
      onClose={onClose}
      refreshes={TOOLS}
      command={() => (file ? keepCertificate(row.id, file) : Promise.reject(new Problem('bad-value', 'Choose a PDF or a picture first.', 0)))}
    >
      <FileField label="PDF, PNG or JPEG, at most 20 MB" accept=".pdf,.png,.jpg,.jpeg" onChoose={setFile} />
    </FormPanel>
  );
}
