import { useState } from 'react';
import type { Build, JointOnStand, Opening } from '@/api/types';
import { count } from '@/lib/typeset';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { BUILDS, openAgain, useOpening } from './queries';

type Props = { build: Build; joint: JointOnStand; onClose: () => void };

/** Before a joint comes apart again: what comes apart with it, and what it costs in metal. */
export function OpenAgainPanel({ build, joint, onClose }: Props) {
  const [reason, setReason] = useState('');
  const opening = useOpening(build.id, joint.id);
  return (
    <FormPanel
      title={`${joint.name} of ${build.title} is opened again`}
      note="What was done stays on record and holds nothing any more. Everything is loosened outside-in, and given out anew."
      verb="It is opened again"
      fault
      wide
      unready={opening.data === undefined}
      onClose={onClose}
      refreshes={BUILDS}
      command={() => openAgain(build.id, joint.id, reason)}
    >
      <Loaded query={opening}>
        {({ joints }) => (
          <ul>
            {joints.map((one) => (
              <Comes key={one.name} joint={one} />
            ))}
          </ul>
        )}
      </Loaded>
      <TextArea label="Why it comes apart" autoFocus rows={2} maxLength={200} value={reason} onChange={(e) => setReason(e.target.value)} />
    </FormPanel>
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
