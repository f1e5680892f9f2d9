import type { Permit } from '@/api/types';
import { calendarDay } from '@/lib/typeset';

const over = (state: Permit['state']) => state !== 'in force' && state !== 'not yet' && state !== 'asked';

/** "until 31 Dec 2026, for TN3-26-0409, 2 of 3 used" */
export function limits(p: Permit): string {
  const parts = [`from ${calendarDay(p.valid_from)}`];
  if (p.valid_until !== null) parts.push(`until ${calendarDay(p.valid_until)}`);
  if (p.serials.length > 0) parts.push(`for ${p.serials.join(', ')}`);
  if (p.quantity !== null) parts.push(`${String(p.used)} of ${String(p.quantity)} used`);
  return parts.join(', ');
}

/** Permits to depart from a procedure, each in a sentence. */
export function PermitLines({ permits }: { permits: Permit[] }) {
  return (
    <ul className="mt-1">
      {permits.map((p) => (
        <li key={p.id} className={`border-b border-hair py-1.5 ${over(p.state) ? 'text-soft' : ''}`}>
          <b>{p.code}</b>, {p.state}: {p.departure}
          <span className="block text-sm text-soft">
            {p.stage !== null && `in round “${p.stage}”, `}
            {limits(p)}
          </span>
        </li>
      ))}
    </ul>
  );
}
