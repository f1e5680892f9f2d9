import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { JudgedOrder } from '@/api/types';
import { newKey, numberedBy, withOrder } from '@/lib/document';
import { sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { Editing } from './editor';

const NEW = '+';

/** Tightening orders: touched position by position, or generated; the core's judgement beside them. */
export function OrdersTab({ doc, edit, touched, touch, selected }: Editing) {
  const sequences = doc.sequences ?? [];
  const [chosen, setChosen] = useState(sequences[0]?.key ?? NEW);
  const [name, setName] = useState('');
  const sequence = sequences.find((s) => s.key === chosen);
  const numberOf = (key: string) => doc.map.positions.find((p) => p.key === key)?.number ?? key;
  const keyOf = (number: string) => doc.map.positions.find((p) => p.number === number)?.key;
  const order = touched ?? sequence?.order ?? [];
  const among = selected.length > 1 ? doc.map.positions.filter((p) => selected.includes(p.key)) : doc.map.positions;
  // Positions go by their numbers here, so that what the core says of them can be read.
  const positions = (touched === null && sequence ? doc.map.positions.filter((p) => order.includes(p.key)) : among).map((p) => ({
    key: p.number,
    x: p.x,
    y: p.y,
  }));
  const body = { positions, order: order.map(numberOf) };
  const judged = useQuery({
    queryKey: ['order', body],
    queryFn: () => answerOf(api.POST('/library/map/order', { body })),
    enabled: positions.length > 0,
    retry: false,
  });
  const keep = (next: string[]) => {
    const key =
      sequence?.key ??
      newKey(
        name === '' ? 'order' : name,
        sequences.map((s) => s.key),
      );
    edit('order', (d) => withOrder(d, key, next));
    setChosen(key);
    touch(null);
  };
  const generate = useMutation({
    mutationFn: (pattern: string) =>
      answerOf(api.POST('/library/map/order', { body: { positions: among.map((p) => ({ key: p.number, x: p.x, y: p.y })), order: [], pattern } })),
    onSuccess: (made) => keep(made.order.map((n) => keyOf(n) ?? n)),
  });
  if (doc.map.positions.length === 0) return <p className="px-7 py-5 text-soft">Put the fasteners on the map first.</p>;
  const patterns = judged.data?.patterns ?? [];
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      <div className="grid grid-cols-2 gap-3">
        <Select
          label="Order"
          value={sequence ? chosen : NEW}
          onValueChange={(v) => {
            setChosen(v);
            touch(null);
          }}
          options={[...sequences.map((s) => ({ value: s.key, text: s.key })), { value: NEW, text: 'a new one' }]}
        />
        {!sequence && <Field label="Its name" value={name} placeholder="order" onChange={(e) => setName(e.target.value)} />}
      </div>
      <p className="-mb-3 text-sm text-soft">Made for {selected.length > 1 ? `the ${String(selected.length)} selected` : 'all of them'}</p>
      <p className="flex flex-wrap items-center gap-2">
        {patterns.map((p) => (
          <Button key={p.pattern} small disabled={generate.isPending} onClick={() => generate.mutate(p.pattern)}>
            {p.words}
          </Button>
        ))}
      </p>
      <p className="flex flex-wrap gap-2">
        {touched === null ? (
          <Button small onClick={() => touch([])}>
            Touch them in turn on the map
          </Button>
        ) : (
          <>
            <Button small look="main" onClick={() => keep(touched)}>
              Keep this order
            </Button>
            <Button small onClick={() => touch(null)}>
              Leave it
            </Button>
          </>
        )}
        {sequence && touched === null && (
          <Button small onClick={() => edit('numbers', (d) => numberedBy(d, sequence.order))}>
            Number the map by it
          </Button>
        )}
      </p>
      {(order.length > 0 || touched !== null) && <p className="text-xl font-semibold">{order.map(numberOf).join(' · ')}</p>}
      {generate.isError && (
        <p role="alert" className="text-fault">
          {sentenceOf(generate.error)}
        </p>
      )}
      {order.length > 0 && judged.data && <Judgement judged={judged.data} />}
    </div>
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
