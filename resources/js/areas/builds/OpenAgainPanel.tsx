import { useState } from 'react';
import type { Build, JointOnStand } from '@/api/types';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { ComesApart } from './ComesApart';
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
      <Loaded query={opening}>{({ joints }) => <ComesApart joints={joints} />}</Loaded>
      <TextArea label="Why it comes apart" autoFocus rows={2} maxLength={200} value={reason} onChange={(e) => setReason(e.target.value)} />
    </FormPanel>
  );
}
