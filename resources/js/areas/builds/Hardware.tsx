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
  const asking = mayChange && joint.options.length > 0 && (joint.hardware === null || changing);
  return (
    <div>
      {joint.hardware !== null && (
        <p>
          <span className="text-soft">hardware</span> <b className="font-semibold">{joint.hardware.option}</b>
          {!joint.hardware.chosen && <span className="text-soft">, {whyProposed(joint)}</span>}
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
          options={joint.options.map((o) => ({ value: o.procedure, text: o.variant === null ? o.option : `${o.option}, for ${o.variant}` }))}
          verb="Fit this"
          disabled={choose.isPending}
          onDo={(procedure) => choose.mutate(procedure, { onSuccess: () => setChanging(false) })}
        />
      )}
      <Refusal of={choose} className="mt-2" />
    </div>
  );
}

/** Proposed is not chosen: it says why there is nothing to choose. */
function whyProposed({ hardware, options }: JointOnStand): string {
  const it = options.find((o) => o.option === hardware?.option);
  if (it?.variant != null) return `as ${it.variant} has it`;
  return options.length > 1 ? 'as every other variant has it' : 'the only one approved';
}
