import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { AddPersonPanel } from '../people/AddPersonPanel';
import { type RoleName, STEPS, usePeople } from '../queries';
import { standsAs } from '../words';

type Props = { roles: [RoleName, RoleName?]; verb: string; other?: string };

/** Who stands there already, and the way to add another. */
export function PeopleStep({ roles, verb, other }: Props) {
  const [adding, setAdding] = useState<RoleName | null>(null);
  const client = useQueryClient();
  const people = (usePeople().data?.people ?? []).filter((p) => p.left_at === null && p.roles.some((r) => roles.includes(r)));
  const [first, second] = roles;
  return (
    <>
      {people.length > 0 && (
        <ul className="mb-4 max-w-xl border-t border-line">
          {people.map((p) => (
            <li key={p.id} className="flex h-10 items-center justify-between border-b border-hair">
              <b className="font-semibold">{p.name}</b>
              <span className="text-soft">{[p.badge === null ? null : `badge ${p.badge}`, standsAs(p)].filter((t) => t !== null).join(', ')}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="flex gap-3">
        <Button look="main" onClick={() => setAdding(first)}>
          {verb}
        </Button>
        {second !== undefined && other !== undefined && <Button onClick={() => setAdding(second)}>{other}</Button>}
      </div>
      {adding !== null && (
        <AddPersonPanel
          begin={adding}
          stay
          onClose={() => {
            setAdding(null);
            void client.invalidateQueries({ queryKey: STEPS });
          }}
        />
      )}
    </>
  );
}
