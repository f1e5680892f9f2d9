import type { Opening } from '@/api/types';
import { count } from '@/lib/typeset';

/** Joints that come apart, each with what has had its one tightening. */
export function ComesApart({ joints }: { joints: Opening['joints'] }) {
  return (
    <ul>
      {joints.map((one) => (
        <Comes key={one.name} joint={one} />
      ))}
    </ul>
  );
}

/** One that comes apart: how far it was, and what has had its one tightening. */
function Comes({ joint }: { joint: Opening['joints'][number] }) {
  const costs = [...joint.fasteners.map((f) => `${String(f.count)} new ${f.name}`), ...joint.gaskets.map((g) => `a new ${g}`)];
  return (
    <li className="border-b border-hair py-2">
      <b className="font-semibold">{joint.name}</b>
      <span className="text-soft">
        , {joint.finished ? 'finished' : `${String(joint.done)} of ${count(joint.all, 'step')} done`} by {joint.person ?? 'somebody'}
      </span>
      <span className={`block ${costs.length > 0 ? 'font-semibold text-fault' : 'text-soft'}`}>
        {costs.length > 0 ? `Costs ${costs.join(', ')}.` : 'Its fasteners may be used again; they go on counting.'}
      </span>
    </li>
  );
}
