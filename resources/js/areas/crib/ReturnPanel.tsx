import { useState } from 'react';
import type { ToolOnBoard } from '@/api/types';
import { FormPanel } from '@/ui/FormPanel';
import { type Elsewhere, TOOLS, takeBack } from './queries';

const ANSWERS: { value: Elsewhere; text: string; about: string }[] = [
  { value: 'none', text: 'None', about: 'every pull stands on record' },
  { value: 'some', text: 'Some', about: 'a few that nobody counted' },
  { value: 'much', text: 'Much', about: 'a day’s work or more' },
];

/** A tool comes back: the record counts its pulls, but not those elsewhere. */
export function ReturnPanel({ tool, onClose }: { tool: ToolOnBoard; onClose: (done: ToolOnBoard | null) => void }) {
  const [elsewhere, setElsewhere] = useState<Elsewhere>('none');
  return (
    <FormPanel
      title={`${tool.code} is back from ${tool.holder ?? 'somebody'}`}
      note="How much was it used where the bench did not count?"
      verb="Hang it up"
      onClose={() => onClose(null)}
      onDone={() => onClose(tool)}
      refreshes={TOOLS}
      command={() => takeBack(tool.code, elsewhere)}
    >
      <fieldset className="flex flex-col gap-2">
        <legend className="sr-only">Used elsewhere</legend>
        {ANSWERS.map((a, i) => (
          <label key={a.value} className="flex items-baseline gap-3">
            <input type="radio" name="elsewhere" value={a.value} checked={elsewhere === a.value} autoFocus={i === 0} onChange={() => setElsewhere(a.value)} />
            <span>
              <b>{a.text}</b> <span className="text-soft">{a.about}</span>
            </span>
          </label>
        ))}
      </fieldset>
    </FormPanel>
  );
}
