import { type SyntheticEvent, Suspense, lazy, useState } from 'react';
import { useZone } from '@/api/session';
import { sentenceOf } from '@/lib/problem';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { TableHead } from '@/ui/TableHead';
import { Failure, Loaded } from '@/ui/states';
import type { PeopleAndBenches } from '@/api/types';
import { Machine } from '../Machine';
import { useEnrol, usePeople, useRevoke, useUnlockPin } from '../queries';

// Its form is of many parts, and this area is fetched with the very first page.
const Deputies = lazy(async () => ({ default: (await import('../Deputies')).Deputies }));

type Listed = PeopleAndBenches;

/** Who works here, and which browsers are benches. */
export function People() {
  const query = usePeople();
  return (
    <main className="grid gap-x-14 gap-y-8 p-7 lg:grid-cols-2">
      <Loaded query={query}>
        {(listed) => (
          <>
            <PeopleTable people={listed.people} />
            <Benches devices={listed.devices} />
            <Suspense>
              <Deputies people={listed.people} deputies={listed.deputies} />
            </Suspense>
            <Machine />
          </>
        )}
      </Loaded>
    </main>
  );
}

function PeopleTable({ people }: { people: Listed['people'] }) {
  const unlock = useUnlockPin();
  return (
    <section>
      <h1 className="text-2xl">People</h1>
      <table className="mt-4 w-full">
        <TableHead columns={['name', 'stands as', ['badge', 'text-right'], ['', 'w-32']]} />
        <tbody>
          {people.map((person) => (
            <tr key={person.id} className="h-11 border-b border-hair">
              <td className="font-semibold">{person.name}</td>
              <td className="text-soft">{person.roles.join(', ')}</td>
              <td className="text-right">{person.badge ?? '–'}</td>
              <td className="text-right">
                {person.pin_locked && (
                  <Button small onClick={() => unlock.mutate(person.id)}>
                    Unlock PIN
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {unlock.isError && <Failure sentence={sentenceOf(unlock.error)} />}
    </section>
  );
}

function Benches({ devices }: { devices: Listed['devices'] }) {
  const zone = useZone();
  const revoke = useRevoke();
  return (
    <section>
      <h2 className="text-2xl">Benches</h2>
      <table className="mt-4 w-full">
        <TableHead columns={['bench', 'enrolled', ['', 'w-40']]} />
        <tbody>
          {devices.map((device) => (
            <tr key={device.id} className="h-11 border-b border-hair">
              <td className="font-semibold">
                {device.name}
                {device.this_one && <span className="font-normal text-soft">, this browser</span>}
              </td>
              <td className="text-soft">
                {day(device.enrolled_at, zone)}
                {device.revoked_at !== null && `, revoked ${day(device.revoked_at, zone)}`}
              </td>
              <td className="text-right">
                {device.revoked_at === null && (
                  <Button small onClick={() => revoke.mutate(device.id)} aria-label={`Revoke ${device.name}`}>
                    Revoke
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {revoke.isError && <Failure sentence={sentenceOf(revoke.error)} />}
      {!devices.some((d) => d.this_one) && <EnrolForm />}
      <p className="mt-4 max-w-prose text-soft">At an enrolled bench assemblers sign in with badge and PIN. Revoking one does not lose what it has recorded.</p>
    </section>
  );
}

function EnrolForm() {
  const [name, setName] = useState('');
  const enrol = useEnrol();
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    enrol.mutate(name, { onSuccess: () => setName('') });
  };
  return (
    <form onSubmit={submit} className="mt-6 flex items-end gap-3" noValidate>
      <Field
        label="Make this browser a bench, and call it"
        className="grow"
        value={name}
        onChange={(e) => setName(e.target.value)}
        error={enrol.isError ? sentenceOf(enrol.error) : null}
        placeholder="Bench 2"
      />
      <Button look="main" type="submit" disabled={enrol.isPending} className={enrol.isError ? 'mb-6' : ''}>
        Enrol
      </Button>
    </form>
  );
}
