import { useState } from 'react';
import { useMay } from '@/api/session';
import type { Build, JointOnStand } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { chooseHardware, useBuildCommand } from './queries';

/** Which hardware an engine gets at a joint: named always, chosen where there are several kits, changed until a job is out. */
export function Hardware({ build, joint }: { build: Build; joint: JointOnStand }) {
  const [changing, setChanging] = useState(false);
  const choose = useBuildCommand((procedure: string) => chooseHardware(build.id, joint.id, procedure));
  const mayChange =
    useMay()('give-work') &&
    (build.state === 'open' || build.state === 'received') &&
    joint.given === null &&
    joint.outside?.kind !== 'paper' &&
    joint.outside?.kind !== 'stayed';
  if (joint.options.length === 0 && joint.hardware === null) return null;
  const asking = mayChange && joint.options.length > 1 && (joint.hardware === null || changing);
  return (
    <div>
      {joint.hardware !== null && (
        <p>
          <span className="text-soft">hardware</span> <b className="font-semibold">{joint.hardware.option}</b>
          {!joint.hardware.chosen && <span className="text-soft">, the only one approved</span>}
          {mayChange && joint.options.length > 1 && !changing && (
            <Button small className="ml-3" onClick={() => setChanging(true)}>
              Change
            </Button>
          )}
        </p>
      )}
      {joint.hardware === null && !mayChange && <p>One of: {joint.options.map((o) => o.option).join(', ')}. Nobody has said which.</p>}
      {asking && (
        <SelectWithButton
          className="max-w-md"
          label="Hardware that is fitted"
          options={joint.options.map((o) => ({ value: o.procedure, text: o.option }))}
          verb="Fit this"
          disabled={choose.isPending}
          onDo={(procedure) => choose.mutate(procedure, { onSuccess: () => setChanging(false) })}
        />
      )}
      <Refusal of={choose} className="mt-2" />
    </div>
  );
}
