import { useState } from 'react';
import type { Build, JointOnStand } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { FormPanel } from '@/ui/FormPanel';
import { BUILDS, giveJob, useChoices } from './queries';

/** Hangs a joint's job card on somebody's hook. The revision in force for its hardware is pinned by that. */
export function GivePanel({ build, joint, onClose }: { build: Build; joint: JointOnStand; onClose: () => void }) {
  const choices = useChoices(true).data;
  const [commandId] = useState(() => crypto.randomUUID());
  const [person, setPerson] = useState('');
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}`}
      note={`${joint.hardware?.option ?? ''}: ${joint.revision?.line ?? ''}. Revision ${joint.revision?.letter ?? ''} is pinned to this job.`}
      verb="Give it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => giveJob(build.id, { id: commandId, joint: joint.id, person, procedure: null })}
    >
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
