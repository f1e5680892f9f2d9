import { useState } from 'react';
import { useMay } from '@/api/session';
import type { Lot } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { Refusal } from '@/ui/Refusal';
import { StopNowLink, StopWord } from '@/ui/StopWord';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { closeLot, countLot, receiveLot, useLotCommand, useLots } from '../queries';

/** Lots of fasteners and of what is used up, with their certificates, what is left and until when they are good. */
export function Lots() {
  const query = useLots();
  const may = useMay();
  const [adding, setAdding] = useState(false);
  return (
    <main className="grow px-7 pt-4 pb-7">
      <div className="flex items-center justify-between">
        <h1 className="text-2xl">Lots</h1>
        {may('keep-tools') && <Button onClick={() => setAdding(true)}>A lot came in</Button>}
      </div>
      <Loaded query={query}>
        {({ lots, today }) =>
          lots.length === 0 ? (
            <Empty>Fasteners, gaskets, lockers and lubricants by lot: number, certificate, what is left, until when they are good. None has come in yet.</Empty>
          ) : (
            <Table lots={lots} today={today} />
          )
        }
      </Loaded>
      {adding && <ReceivePanel onClose={() => setAdding(false)} />}
    </main>
  );
}

const SOON_DAYS = 30;

function Table({ lots, today }: { lots: Lot[]; today: string }) {
  const [counting, setCounting] = useState<Lot | null>(null);
  const close = useLotCommand(closeLot);
  return (
    <>
      <Refusal of={close} />
      <table className="mt-3 w-full text-[15px]">
        <TableHead
          columns={[
            'lot',
            'kind',
            'what it is',
            'certificate',
            ['left', 'text-right'],
            ['place', 'pl-6'],
            'came in',
            ['good until', 'text-right'],
            ['', 'w-56'],
          ]}
        />
        <tbody>
          {lots.map((lot) => (
            <OneLot key={lot.id} lot={lot} today={today} onCount={() => setCounting(lot)} onClose={() => close.mutate(lot.id)} busy={close.isPending} />
          ))}
        </tbody>
      </table>
      {counting !== null && <CountPanel lot={counting} onClose={() => setCounting(null)} />}
    </>
  );
}

type LotProps = { lot: Lot; today: string; onCount: () => void; onClose: () => void; busy: boolean };

function OneLot({ lot, today, onCount, onClose, busy }: LotProps) {
  const may = useMay();
  return (
    <tr className={`h-9 border-b border-hair ${lot.state === 'closed' ? 'text-soft' : ''}`}>
      <td className="font-semibold">{lot.number}</td>
      <td className="text-soft">{lot.kind}</td>
      <td>
        {lot.name}
        <StopWord stop={lot.stop} opens={may('stop-work')} className="my-1" />
      </td>
      <td className="text-soft">{lot.certificate || '–'}</td>
      <td className="text-right whitespace-nowrap">{lot.state === 'closed' ? 'closed' : `${lot.quantity} ${lot.unit}`}</td>
      <td className="pl-6 text-soft">{lot.place}</td>
      <td className="text-soft">{calendarDay(lot.received_on)}</td>
      <td className={`text-right ${lot.state === 'open' && expires(lot, today) ? 'font-semibold text-fault' : ''}`}>
        {lot.expires_on === null ? '–' : `${lot.expired ? 'expired ' : ''}${calendarDay(lot.expires_on)}`}
      </td>
      <td className="text-right">
        {may('keep-tools') && lot.state === 'open' && (
          <span className="flex justify-end gap-3">
            <Button small onClick={onCount}>
              Count
            </Button>
            <Button small disabled={busy} onClick={onClose}>
              Used up
            </Button>
          </span>
        )}
        {may('stop-work') && lot.stop === null && <StopNowLink what="lot" of={lot.id} />}
      </td>
    </tr>
  );
}

function expires(lot: Lot, today: string): boolean {
  if (lot.expires_on === null) return false;
  return new Date(lot.expires_on).getTime() - new Date(today).getTime() < SOON_DAYS * 864e5;
}

function CountPanel({ lot, onClose }: { lot: Lot; onClose: () => void }) {
  const { form, bind } = useForm({ quantity: lot.quantity });
  return (
    <FormPanel
      title={`Lot ${lot.number}`}
      note={lot.name}
      verb="That is what is left"
      onClose={onClose}
      refreshes={['lots']}
      command={() => countLot(lot.id, form.quantity)}
    >
      <Field label={`Left, ${lot.unit}`} inputMode="decimal" autoFocus {...bind('quantity')} />
    </FormPanel>
  );
}

type Kind = Lot['kind'];
const KINDS: { value: Kind; text: string }[] = [
  { value: 'fastener', text: 'fasteners' },
  { value: 'gasket', text: 'gaskets' },
  { value: 'locker', text: 'locker' },
  { value: 'lubricant', text: 'lubricant' },
  { value: 'sealant', text: 'sealant' },
];

function ReceivePanel({ onClose }: { onClose: () => void }) {
  const { form, bind, put } = useForm({ number: '', kind: 'fastener', name: '', certificate: '', quantity: '', unit: 'pieces', expires_on: '', place: '' });
  return (
    <FormPanel
      title="A lot came in"
      verb="Take it in"
      onClose={onClose}
      refreshes={['lots']}
      command={() => receiveLot({ ...form, kind: form.kind as Kind, expires_on: form.expires_on === '' ? null : form.expires_on })}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="Number of the lot" autoFocus {...bind('number')} />
        <Choice label="Kind" value={form.kind} onChange={put('kind')} placeholder="What it is" options={KINDS} />
      </div>
      <Field label="What it is" {...bind('name')} />
      <div className="grid grid-cols-2 gap-3">
        <Field label="How much" inputMode="decimal" {...bind('quantity')} />
        <Field label="Of" {...bind('unit')} />
        <Field label="Certificate" {...bind('certificate')} />
        <Field label="Good until" type="date" {...bind('expires_on')} />
        <Field label="Place" {...bind('place')} />
      </div>
    </FormPanel>
  );
}
