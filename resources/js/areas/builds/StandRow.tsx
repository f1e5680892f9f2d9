import type { Stand, Stands } from '@/api/types';
import { SmallStand } from './EngineStand';
import { mapOf } from './queries';

/** What must leave first stands first; what has no day comes after, as it came in. */
export function byDue(a: Stand, b: Stand): number {
  return (a.due_on ?? '9').localeCompare(b.due_on ?? '9') || a.opened_at.localeCompare(b.opened_at);
}

/** Those that wait for the same thing, side by side. */
export function StandRow({ name, stands, maps }: { name: string; stands: Stand[]; maps: Stands['maps'] }) {
  if (stands.length === 0) return null;
  return (
    <section aria-label={name} className="grid gap-y-2 border-t border-hair py-3 md:grid-cols-[8rem_minmax(0,1fr)]">
      <h2 className="text-[15px] leading-tight font-semibold">
        {name}
        <span className="block font-normal text-soft">{stands.length}</span>
      </h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(8.2rem,1fr))] gap-x-4 gap-y-4">
        {stands.map((stand) => (
          <li key={stand.id}>
            <SmallStand stand={stand} map={mapOf(maps, stand)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
