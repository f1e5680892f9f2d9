import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '@/ui/Button';
import { ButtonLink } from '@/ui/ButtonLink';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { PEOPLE, type Person, addCustomer, renameCustomer, usePeople } from '../queries';

type Customer = { id: string; name: string };

/** Whose engines come here, and who of them may read what was done. */
export function Customers() {
  const [open, setOpen] = useState<Customer | 'new' | null>(null);
  return (
    <Loaded query={usePeople()}>
      {({ customers, people }) => (
        <main className="max-w-4xl px-7 py-4">
          <div className="flex items-start justify-between">
            <h1 className="text-2xl">Customers and readers</h1>
            <div className="flex gap-3">
              <Button onClick={() => setOpen('new')}>A customer comes</Button>
              <ButtonLink to="/people?add=reader">A reader for one</ButtonLink>
            </div>
          </div>
          <p className="mt-1 text-soft">A reader sees the engines of one customer and what is recorded of them, and changes nothing.</p>
          <CustomerTable customers={customers} people={people} onRename={setOpen} />
          {open !== null && <CustomerPanel of={open} onClose={() => setOpen(null)} />}
        </main>
      )}
    </Loaded>
  );
}

function CustomerTable({ customers, people, onRename }: { customers: Customer[]; people: Person[]; onRename: (of: Customer) => void }) {
  if (customers.length === 0) return <Empty>No customer yet. An engine that comes in belongs to one: begin with whose it is.</Empty>;
  return (
    <table className="mt-4 w-full">
      <TableHead columns={['customer', 'readers', ['', 'w-28']]} />
      <tbody>
        {customers.map((c) => (
          <tr key={c.id} className="h-11 border-b border-hair">
            <td className="font-semibold">{c.name}</td>
            <td>
              <Readers people={people.filter((p) => p.customer === c.id && p.left_at === null)} />
            </td>
            <td className="text-right">
              <Button small aria-label={`Rename ${c.name}`} onClick={() => onRename(c)}>
                Rename
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Readers({ people }: { people: Person[] }) {
  return people.map((p) => (
    <Link key={p.id} className="quiet mr-4" to={`/people?person=${p.id}`}>
      {p.name}
    </Link>
  ));
}

function CustomerPanel({ of, onClose }: { of: Customer | 'new'; onClose: () => void }) {
  const { form, bind } = useForm({ name: of === 'new' ? '' : of.name });
  return (
    <FormPanel<unknown>
      title={of === 'new' ? 'A customer comes' : `${of.name} is called something else`}
      verb="Keep it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => (of === 'new' ? addCustomer(form.name) : renameCustomer(of.id, form.name))}
    >
      <Field label="Name" {...bind('name')} />
    </FormPanel>
  );
}
