import { useState } from 'react';
import type { Build, JointOnStand } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { FormPanel } from '@/ui/FormPanel';
import { BUILDS, giveJob, useChoices } from './queries';

/** Hangs a joint's job card on somebody's hook. The revision in force is pinned by that. */
export function GivePanel({ build, joint, onClose }: { build: Build; joint: JointOnStand; onClose: () => void }) {
  const choices = useChoices(true).data;
  const [commandId] = useState(() => crypto.randomUUID());
  const { options } = joint;
  const [procedure, setProcedure] = useState(options.length === 1 ? (options[0]?.procedure ?? '') : '');
  const [person, setPerson] = useState('');
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}`}
      note={
        joint.options.length > 1
          ? 'The revision in force is pinned to this job.'
          : `${joint.revision?.line ?? ''}. Revision ${joint.revision?.letter ?? ''} is pinned to this job.`
      }
      verb="Give it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => giveJob(build.id, { id: commandId, joint: joint.id, person, procedure: procedure === '' ? null : procedure })}
    >
      {joint.options.length > 1 && (
        <Choice
          label="Hardware that is fitted"
          value={procedure}
          onChange={setProcedure}
          placeholder="Which of them"
          options={options.map((o) => ({ value: o.procedure, text: `${o.option}, revision ${o.letter}` }))}
        />
      )}
      <Choice
        label="Assembler"
        value={person}
        onChange={setPerson}
        placeholder="Whose hook it goes on"
        options={(choices?.assemblers ?? []).map((a) => ({ value: a.id, text: a.name }))}
      />
    </FormPanel>
  );
}
