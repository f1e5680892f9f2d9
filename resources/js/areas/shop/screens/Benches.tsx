import { type SyntheticEvent, useState } from 'react';
import { useZone } from '@/api/session';
import { sentenceOf } from '@/lib/problem';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { TableHead } from '@/ui/TableHead';
import { Failure, Loaded } from '@/ui/states';
import type { PeopleAndBenches } from '@/api/types';
import { Machine } from '../Machine';
import { useEnrol, usePeople, useRevoke } from '../queries';

type Listed = PeopleAndBenches;

/** Which browsers are benches, and how the server stands. */
export function Benches() {
  const query = usePeople();
  return (
    <main className="grid gap-x-14 gap-y-8 px-7 py-4">
      <Loaded query={query}>
        {(listed) => (
          <>
            <BenchTable devices={listed.devices} />
            <Machine />
          </>
        )}
      </Loaded>
    </main>
  );
}

function BenchTable({ devices }: { devices: Listed['devices'] }) {
  const zone = useZone();
  const revoke = useRevoke();
  return (
    <section className="max-w-3xl">
      <h1 className="text-2xl">Benches</h1>
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

/** This very browser becomes a bench. */
export function EnrolForm() {
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
