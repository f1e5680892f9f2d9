import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { PEOPLE, type RoleName, addPerson, giveLink, givePin, usePeople } from '../queries';
import { badgeOf } from './ChangePanels';
import { OwnPassword } from './OwnPassword';
import { RoleChoice } from './RoleChoice';
import { LinkShown, PinShown } from './SecretPanels';

type Handed = { id: string; name: string; pin: string | null; link: { path: string; until: string } | null };

/** Somebody comes: who it is, where they stand, and at once the ways to their own secrets. */
export function AddPersonPanel({ begin, stay = false, onClose }: { begin: RoleName | null; stay?: boolean; onClose: () => void }) {
  const [handed, setHanded] = useState<Handed | null>(null);
  const navigate = useNavigate();
  const done = (id: string) => {
    onClose();
    if (!stay) void navigate(`/people?person=${id}`, { replace: true });
  };
  if (handed === null) return <AddForm begin={begin} onClose={onClose} onDone={(h) => (h.pin === null && h.link === null ? done(h.id) : setHanded(h))} />;
  if (handed.pin !== null)
    return <PinShown name={handed.name} pin={handed.pin} onClose={() => (handed.link === null ? done(handed.id) : setHanded({ ...handed, pin: null }))} />;
  return handed.link && <LinkShown name={handed.name} made={handed.link} onClose={() => done(handed.id)} />;
}

/** Whoever was added is there, whatever comes of PIN and link: both can be given again from their page. */
async function addWithSecrets(person: Parameters<typeof addPerson>[0]): Promise<Handed> {
  const { id } = await addPerson(person);
  const pin = person.badge === null ? null : await givePin(id, person.password).catch(() => null);
  const link = person.sign_in_name === null ? null : await giveLink(id, person.password).catch(() => null);
  return { id, name: person.name, pin: pin?.pin ?? null, link };
}

function AddForm({ begin, onClose, onDone }: { begin: RoleName | null; onClose: () => void; onDone: (handed: Handed) => void }) {
  const [roles, setRoles] = useState<RoleName[]>(begin === null ? [] : [begin]);
  const { form, bind, put } = useForm({ name: '', sign_in_name: '', badge: '', customer: 'none', password: '' });
  const customers = usePeople().data?.customers ?? [];
  const desk = roles.some((r) => r !== 'assembler');
  const reads = roles.length === 1 && roles[0] === 'reader';
  const signIn = desk && form.sign_in_name.trim() !== '' ? form.sign_in_name.trim() : null;
  const customer = reads && form.customer !== 'none' ? form.customer : null;
  const add = () => addWithSecrets({ name: form.name, badge: badgeOf(form.badge), sign_in_name: signIn, roles, customer, password: form.password });
  return (
    <FormPanel title="Somebody new" verb="Add them" onClose={onClose} refreshes={PEOPLE} command={add} onDone={onDone}>
      <Field label="Name" autoComplete="off" {...bind('name')} />
      <RoleChoice chosen={roles} onChange={setRoles} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="Badge, for a bench" autoComplete="off" {...bind('badge')} placeholder="1052" />
        {desk && <Field label="Signs in at a desk as" autoComplete="off" {...bind('sign_in_name')} placeholder="orla" />}
      </div>
      {reads && (
        <Choice
          label="Whose engines they see"
          value={form.customer}
          onChange={put('customer')}
          placeholder="Choose"
          options={[{ value: 'none', text: 'everybody’s: an auditor' }, ...customers.map((c) => ({ value: c.id, text: `${c.name}’s only` }))]}
        />
      )}
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}
