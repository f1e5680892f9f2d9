import { useState } from 'react';
import { useDayIn } from '@/api/session';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { Empty } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { PEOPLE, type Person, enterAbsence, useCancelAbsence } from './queries';

type Listed = Person['absences'][number] & { name: string };

/** Who is away, and when. */
export function Leave({ people }: { people: Person[] }) {
  const [entering, setEntering] = useState(false);
  const cancel = useCancelAbsence();
  const away: Listed[] = people.flatMap((p) => p.absences.map((a) => ({ ...a, name: p.name }))).sort((a, b) => a.first_day.localeCompare(b.first_day));
  return (
    <section>
      <h2 className="text-2xl">Away</h2>
      {away.length === 0 ? (
        <Empty>Nobody is away, and nobody has said that they will be.</Empty>
      ) : (
        <table className="mt-3 w-full">
          <TableHead columns={['name', 'from', 'to', ['', 'w-28']]} />
          <tbody>
            {away.map((a) => (
              <tr key={a.id} className="h-11 border-b border-hair">
                <td className="font-semibold">{a.name}</td>
                <td className="text-soft">{calendarDay(a.first_day)}</td>
                <td className="text-soft">{calendarDay(a.last_day)}</td>
                <td className="text-right">
                  <Button small aria-label={`${a.name} is here after all`} onClick={() => cancel.mutate(a.id)}>
                    Cancel
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Refusal of={cancel} className="mt-2" />
      <Button className="mt-3" onClick={() => setEntering(true)}>
        Somebody is away
      </Button>
      {entering && <AbsencePanel people={people} onClose={() => setEntering(false)} />}
    </section>
  );
}

function AbsencePanel({ people, onClose }: { people: Person[]; onClose: () => void }) {
  const dayIn = useDayIn();
  const { form, bind, put } = useForm({ person: '', first_day: dayIn(0), last_day: dayIn(0) });
  return (
    <FormPanel
      title="Somebody is away"
      verb="Enter it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => enterAbsence(form.person, { first_day: form.first_day, last_day: form.last_day })}
    >
      <Choice label="Who" value={form.person} onChange={put('person')} placeholder="Choose" options={people.map((p) => ({ value: p.id, text: p.name }))} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="First day" type="date" {...bind('first_day')} />
        <Field label="Last day" type="date" {...bind('last_day')} />
      </div>
    </FormPanel>
  );
}
