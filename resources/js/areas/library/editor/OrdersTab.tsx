import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { JudgedOrder } from '@/api/types';
import { keyAmong, numberedBy, withOrder } from '@/lib/document';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { Select } from '@/ui/Select';
import type { Editing } from './editor';

const NEW = '+';

/** Tightening orders: touched position by position, or generated; the core's judgement beside them. */
export function OrdersTab(editing: Editing) {
  if (editing.doc.map.positions.length === 0) return <p className="px-7 py-5 text-soft">Put the fasteners on the map first.</p>;
  return <Orders {...editing} />;
}

/** The order that is looked at, and how one is kept: under its own key, or a new one. */
function useOrder({ doc, edit, touched, touch }: Editing) {
  const sequences = doc.sequences ?? [];
  const [chosen, setChosen] = useState(sequences[0]?.key ?? NEW);
  const [name, setName] = useState('');
  const sequence = sequences.find((s) => s.key === chosen);
  const choose = (key: string) => {
    setChosen(key);
    touch(null);
  };
  const keep = (order: string[]) => {
    const key = sequence?.key ?? keyAmong(name === '' ? 'order' : name, sequences);
    edit('order', (d) => withOrder(d, key, order));
    choose(key);
  };
  return { sequences, sequence, order: touched ?? sequence?.order ?? [], choose, name, setName, keep };
}

function Orders(editing: Editing) {
  const { doc, edit, touched, touch, selected } = editing;
  const { sequences, sequence, order, choose, name, setName, keep } = useOrder(editing);
  const numberOf = (key: string) => doc.map.positions.find((p) => p.key === key)?.number ?? key;
  const { judged, generate } = useJudgement(editing, order, sequence !== undefined, keep);
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      <div className="grid grid-cols-2 gap-3">
        <Select
          label="Order"
          value={sequence?.key ?? NEW}
          onValueChange={choose}
          options={[...sequences.map((s) => ({ value: s.key, text: s.key })), { value: NEW, text: 'a new one' }]}
        />
        {!sequence && <Field label="Its name" value={name} placeholder="order" onChange={(e) => setName(e.target.value)} />}
      </div>
      <p className="-mb-3 text-sm text-soft">Made for {selected.length > 1 ? `the ${String(selected.length)} selected` : 'all of them'}</p>
      <p className="flex flex-wrap items-center gap-2">
        {judged.data?.patterns.map((p) => (
          <Button key={p.pattern} small disabled={generate.isPending} onClick={() => generate.mutate(p.pattern)}>
            {p.words}
          </Button>
        ))}
      </p>
      <p className="flex flex-wrap gap-2">
        <Touching touched={touched} touch={touch} onKeep={keep} />
        {sequence && touched === null && (
          <Button small onClick={() => edit('numbers', (d) => numberedBy(d, sequence.order))}>
            Number the map by it
          </Button>
        )}
      </p>
      {(order.length > 0 || touched !== null) && <p className="text-xl font-semibold">{order.map(numberOf).join(' · ')}</p>}
      <Refusal of={judged} />
      <Refusal of={generate} />
      {order.length > 0 && judged.data && <Judgement judged={judged.data} />}
    </div>
  );
}

/**
 * What the core says of the order, and one made by it. Positions go by their numbers here, so that what it says of
 * them can be read.
 */
function useJudgement({ doc, touched, selected }: Editing, order: string[], kept: boolean, onMade: (order: string[]) => void) {
  const all = doc.map.positions;
  const among = selected.length > 1 ? all.filter((p) => selected.includes(p.key)) : all;
  const numbered = (positions: typeof all) => positions.map((p) => ({ key: p.number, x: p.x, y: p.y }));
  const body = {
    positions: numbered(touched === null && kept ? all.filter((p) => order.includes(p.key)) : among),
    order: order.map((key) => all.find((p) => p.key === key)?.number ?? key),
  };
  const judged = useQuery({
    queryKey: ['order', body],
    queryFn: () => answerOf(api.POST('/library/map/order', { body })),
    enabled: body.positions.length > 0,
    retry: false,
  });
  const generate = useMutation({
    mutationFn: (pattern: string) => answerOf(api.POST('/library/map/order', { body: { positions: numbered(among), order: [], pattern } })),
    onSuccess: (made) => onMade(made.order.map((n) => all.find((p) => p.number === n)?.key ?? n)),
  });
  return { judged, generate };
}

type TouchingProps = Pick<Editing, 'touched' | 'touch'> & { onKeep: (order: string[]) => void };

function Touching({ touched, touch, onKeep }: TouchingProps) {
  if (touched === null)
    return (
      <Button small onClick={() => touch([])}>
        Touch them in turn on the map
      </Button>
    );
  return (
    <>
      <Button small look="main" onClick={() => onKeep(touched)}>
        Keep this order
      </Button>
      <Button small onClick={() => touch(null)}>
        Leave it
      </Button>
    </>
  );
}

function Judgement({ judged }: { judged: JudgedOrder }) {
  return (
    <div aria-live="polite">
      <h2 className="text-lg">What the core says of it</h2>
      <ul className="mt-1">
        {judged.faults.map((f) => (
          <li key={f} className="border-b border-hair py-1.5 text-fault">
            {f}
          </li>
        ))}
        <li className="border-b border-hair py-1.5">{judged.centre_out ? 'It goes from the centre outwards.' : 'It does not go from the centre outwards.'}</li>
        <li className="py-1.5 text-soft">
          The middle of what is tight strays up to {Number(judged.wander_mm).toFixed(0)} mm from the middle of the joint on the way.
        </li>
      </ul>
    </div>
  );
}
