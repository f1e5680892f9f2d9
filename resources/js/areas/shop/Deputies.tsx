import { useState } from 'react';
import { useDayIn, useMe } from '@/api/session';
import { sentenceOf } from '@/lib/problem';
import { calendarDay, shortDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Checkbox } from '@/ui/Checkbox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TableHead } from '@/ui/TableHead';
import { Empty, Failure } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { PEOPLE, nameDeputy, useEndDeputy } from './queries';

type Person = { id: string; name: string; badge: string | null };
type Class = 'A' | 'B' | 'C';
type Deputy = { id: string; person: string; classes: Class[]; from_time: string; until_time: string; first_day: string; last_day: string };

const CLASSES: Class[] = ['A', 'B', 'C'];

/** Who decides about faults at a bench in the lead's place: of which classes, at which hours, on which days. */
export function Deputies({ people, deputies }: { people: Person[]; deputies: Deputy[] }) {
  const [naming, setNaming] = useState(false);
  const end = useEndDeputy();
  const nameOf = (id: string) => people.find((p) => p.id === id)?.name ?? 'somebody';
  return (
    <section>
      <h2 className="text-2xl">Who stands in for the lead</h2>
      {deputies.length === 0 ? (
        <Empty>Nobody. Faults that a lead has to decide about wait at the bench until one comes. Name somebody for the late shift.</Empty>
      ) : (
        <table className="mt-4 w-full">
          <TableHead columns={[['name', 'pr-5'], ['classes', 'pr-5'], ['hours', 'pr-5'], 'days', ['', 'w-24']]} />
          <tbody>
            {deputies.map((d) => (
              <Row key={d.id} deputy={d} name={nameOf(d.person)} onEnd={() => end.mutate(d.id)} />
            ))}
          </tbody>
        </table>
      )}
      {end.isError && <Failure sentence={sentenceOf(end.error)} />}
      <Button className="mt-4" onClick={() => setNaming(true)}>
        Name somebody
      </Button>
      <p className="mt-4 max-w-prose text-soft">
        A deputy decides at the bench with own badge and PIN, never about what they tightened themselves. What was decided stays decided when it ends.
      </p>
      {naming && <NameForm people={people} onClose={() => setNaming(false)} />}
    </section>
  );
}

function Row({ deputy: d, name, onEnd }: { deputy: Deputy; name: string; onEnd: () => void }) {
  return (
    <tr className="h-11 border-b border-hair">
      <td className="pr-5 font-semibold whitespace-nowrap">{name}</td>
      <td className="pr-5">{d.classes.join(', ')}</td>
      <td className="pr-5 whitespace-nowrap">
        {d.from_time} to {d.until_time}
      </td>
      <td className="whitespace-nowrap text-soft">
        {shortDay(d.first_day)} to {calendarDay(d.last_day)}
      </td>
      <td className="text-right">
        <Button small onClick={onEnd} aria-label={`End that ${name} stands in`}>
          End
        </Button>
      </td>
    </tr>
  );
}

function NameForm({ people, onClose }: { people: Person[]; onClose: () => void }) {
  const me = useMe();
  const dayIn = useDayIn();
  const { form, bind, put } = useForm({ person: '', from_time: '14:00', until_time: '22:00', first_day: dayIn(0), last_day: dayIn(4) });
  const [classes, setClasses] = useState<Class[]>(['C']);
  const flip = (one: Class) => (on: boolean) => setClasses((now) => (on ? [...now, one] : now.filter((c) => c !== one)));
  return (
    <FormPanel
      title="Somebody stands in for the lead"
      note="At a bench, for faults of joints of these classes, at these hours by the shop’s clock."
      verb="Name them"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => nameDeputy({ ...form, classes })}
    >
      <Choice
        label="Who"
        value={form.person}
        onChange={put('person')}
        placeholder="Whoever has a badge"
        options={people.filter((p) => p.badge !== null && p.id !== me.id).map((p) => ({ value: p.id, text: p.name }))}
      />
      <Classes chosen={classes} onFlip={flip} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="From" type="time" {...bind('from_time')} />
        <Field label="Until" type="time" {...bind('until_time')} />
        <Field label="First day" type="date" {...bind('first_day')} />
        <Field label="Last day" type="date" {...bind('last_day')} />
      </div>
    </FormPanel>
  );
}

function Classes({ chosen, onFlip }: { chosen: Class[]; onFlip: (one: Class) => (on: boolean) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Classes of joints</legend>
      <div className="flex gap-6">
        {CLASSES.map((c) => (
          <Checkbox key={c} checked={chosen.includes(c)} onCheckedChange={onFlip(c)}>
            {c}
          </Checkbox>
        ))}
      </div>
    </fieldset>
  );
}
