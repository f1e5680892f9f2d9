import { Link } from 'react-router';
import type { Holdings } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { Loaded } from '@/ui/states';
import { PEOPLE, type Person, leave, useHoldings } from '../queries';
import { OwnPassword } from './OwnPassword';

type Props = { person: Person; people: Person[]; onClose: () => void };

/** Somebody leaves: first what is in their hands, then who takes it over. */
export function LeavePanel({ person, people, onClose }: Props) {
  const { form, bind, put } = useForm({ successor: 'nobody', password: '' });
  const holdings = useHoldings(person.id);
  const held = holdings.data?.holdings ?? [];
  return (
    <FormPanel
      title={`${person.name} leaves`}
      note="No way in stays open. Nothing they signed changes; their name stays on it."
      verb="They leave"
      fault
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => leave(person.id, { successor: form.successor === 'nobody' ? null : form.successor, password: form.password })}
    >
      <Loaded query={holdings}>{({ holdings: list }) => <InHand list={list} />}</Loaded>
      {held.some((h) => h.passes) && (
        <Choice
          label="Who takes over"
          value={form.successor}
          onChange={put('successor')}
          placeholder="Choose"
          options={[
            { value: 'nobody', text: 'nobody yet' },
            ...people.filter((p) => p.id !== person.id && p.left_at === null && p.customer === null).map((p) => ({ value: p.id, text: p.name })),
          ]}
        />
      )}
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}

function InHand({ list }: { list: Holdings['holdings'] }) {
  if (list.length === 0) return <p>Nothing is in their hands.</p>;
  return (
    <ul className="border-t border-line">
      {list.map((h) => (
        <li key={h.what} className="border-b border-hair py-1.5">
          <b className={`font-semibold ${h.passes ? '' : 'text-fault'}`}>{h.link === '' ? h.what : <Link to={h.link}>{h.what}</Link>}</b>
          <span className="block text-sm text-soft">{h.how}</span>
        </li>
      ))}
    </ul>
  );
}
