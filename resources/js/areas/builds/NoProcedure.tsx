import { useState } from 'react';
import { useMay } from '@/api/session';
import type { Build, JointOnStand } from '@/api/types';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { ByTablePanel } from './ByTablePanel';
import { BUILDS, tellJoint } from './queries';

/** At a joint that no procedure is written for: a general table may serve, or what was done without one is told. */
export function NoProcedure({ build, joint }: { build: Build; joint: JointOnStand }) {
  const may = useMay();
  const [panel, setPanel] = useState<'table' | 'told' | null>(null);
  const close = () => setPanel(null);
  return (
    <>
      {may('give-work') && build.state === 'open' && <Button onClick={() => setPanel('table')}>By a general table</Button>}
      {may('open-builds') && <Button onClick={() => setPanel('told')}>Tightened without one</Button>}
      {panel === 'table' && <ByTablePanel build={build} joint={joint} onClose={close} />}
      {panel === 'told' && <ToldPanel build={build} joint={joint} onClose={close} />}
    </>
  );
}

/** What was tightened though nobody has approved to what: told, and never counted. */
function ToldPanel({ build, joint, onClose }: { build: Build; joint: JointOnStand; onClose: () => void }) {
  const { form, bind } = useForm({ told: '', worked_by: '', worked_on: '' });
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}, tightened without a procedure`}
      note="It is told for ever, and never counted as recorded: the audit says no to it, and the engine leaves only with a permit."
      verb="Tell it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => tellJoint(build.id, joint.id, form)}
    >
      <Field label="To what, and where that value came from" {...bind('told')} placeholder="24 N·m, from memory" />
      <div className="grid grid-cols-2 gap-4">
        <Field label="Who tightened it" {...bind('worked_by')} />
        <Field label="On which day" type="date" {...bind('worked_on')} />
      </div>
    </FormPanel>
  );
}
