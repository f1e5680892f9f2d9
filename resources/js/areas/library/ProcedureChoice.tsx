import { useState } from 'react';
import { count } from '@/lib/typeset';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { useProcedureList } from './queries';

type Props = { label: string; state: 'approved' | 'draft'; value: string; onChange: (procedure: string) => void; placeholder: string };

/** One procedure of however many: narrowed by words first, then chosen. */
export function ProcedureChoice({ label, state, value, onChange, placeholder }: Props) {
  const [find, setFind] = useState('');
  const listing = useProcedureList({ state, find: find.trim() || undefined }).data;
  const rows = listing?.procedures ?? [];
  const more = (listing?.total ?? 0) - rows.length;
  return (
    <div className="grid grid-cols-[9rem_1fr] gap-3">
      <Field label="Find it by" value={find} placeholder="family, joint" maxLength={80} onChange={(e) => setFind(e.target.value)} />
      <div>
        <Choice
          label={label}
          value={value}
          onChange={onChange}
          placeholder={listing !== undefined && rows.length === 0 ? 'there is none' : placeholder}
          options={rows.map((row) => ({ value: row.id, text: `${row.family}, ${row.joint.toLowerCase()}, ${row.option}` }))}
        />
        {more > 0 && <p className="mt-1 text-sm text-soft">and {count(more, 'more', 'more')}: write what it is found by</p>}
      </div>
    </div>
  );
}
