import { useState } from 'react';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { PEOPLE, type Person, comeBack, giveBadge, rename, setRoles } from '../queries';
import { OwnPassword } from './OwnPassword';
import { RoleChoice } from './RoleChoice';

type Props = { person: Person; onClose: () => void };

export function RenamePanel({ person, onClose }: Props) {
  const { form, bind } = useForm({ name: person.name, sign_in_name: person.sign_in_name ?? '' });
  return (
    <FormPanel
      title={`${person.name} is called something else`}
      note="What was signed before stays under the name that was signed."
      verb="Keep it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => rename(person.id, { name: form.name, sign_in_name: form.sign_in_name.trim() === '' ? null : form.sign_in_name })}
    >
      <Field label="Name" {...bind('name')} />
      <Field label="Signs in at a desk as; empty: never" autoComplete="off" {...bind('sign_in_name')} />
    </FormPanel>
  );
}

export function BadgePanel({ person, onClose }: Props) {
  const { form, bind } = useForm({ badge: '' });
  return (
    <FormPanel
      title={person.badge === null ? `A badge for ${person.name}` : `Another badge for ${person.name}`}
      note={person.badge === null ? 'Scan it or type its number.' : `Badge ${person.badge} is free for others then. The PIN stays.`}
      verb="Give it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => giveBadge(person.id, badgeOf(form.badge))}
    >
      <Field
        label="Badge"
        autoComplete="off"
        {...bind('badge')}
        placeholder="1052"
        hint={person.badge !== null ? 'Empty: the badge is taken away.' : undefined}
      />
    </FormPanel>
  );
}

/** As it was scanned or typed; nothing, where nothing was. */
export const badgeOf = (typed: string): string | null => (typed.trim() === '' ? null : typed.trim());

export function RolesPanel({ person, onClose }: Props) {
  const [roles, setChosen] = useState(person.roles);
  const { form, bind } = useForm({ password: '' });
  return (
    <FormPanel
      title={`Where ${person.name} stands`}
      note="It holds from the next thing they do."
      verb="Keep it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => setRoles(person.id, { roles, password: form.password })}
    >
      <RoleChoice chosen={roles} onChange={setChosen} />
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}

export function ComeBackPanel({ person, onClose }: Props) {
  const [roles, setChosen] = useState<Person['roles']>([]);
  const { form, bind } = useForm({ password: '' });
  return (
    <FormPanel
      title={`${person.name} is here again`}
      note="Badge, PIN and password are given anew; skills are signed anew."
      verb="Take them back"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => comeBack(person.id, { roles, password: form.password })}
    >
      <RoleChoice chosen={roles} onChange={setChosen} />
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}
