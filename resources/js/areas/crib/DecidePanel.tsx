import { useState } from 'react';
import type { CaseEngine, CaseSheet } from '@/api/types';
import { Checkbox } from '@/ui/Checkbox';
import { FormPanel } from '@/ui/FormPanel';
import { type DoubtfulFastener, doubtful } from './caseMarks';
import { CASES, type CaseDecision, decideCase } from './queries';

const DECISIONS: { value: CaseDecision; text: string; about: string }[] = [
  { value: 'redo', text: 'Back off and redo', about: 'at the bench, with a tool that is good' },
  { value: 'replace', text: 'Replace', about: 'the fasteners are scrap' },
  { value: 'audited', text: 'Audited on the engine and good', about: 'by residual torque, where that is valid' },
  { value: 'recall', text: 'Recall the engine', about: 'it has left the house' },
  { value: 'use_as_is', text: 'Use as is', about: 'where something is outside, the approver says so' },
];

/** What becomes of one engine, whole or by fastener. */
export function DecidePanel({ sheet, engine, onClose }: { sheet: CaseSheet; engine: CaseEngine; onClose: () => void }) {
  const grave = doubtful(engine);
  const [decision, setDecision] = useState<CaseDecision>(grave.length === 0 ? 'use_as_is' : engine.state === 'shipped' ? 'recall' : 'redo');
  // Where some were decided about, the others are what is meant.
  const [chosen, setChosen] = useState<string[]>(() =>
    engine.decisions.length === 0 || engine.decided ? [] : grave.filter((f) => f.waits).map((f) => f.words),
  );
  return (
    <FormPanel
      title={`What becomes of ${engine.serial}?`}
      note={`${engine.where}, ${engine.customer}`}
      verb="Decide"
      onClose={onClose}
      refreshes={CASES}
      command={() =>
        decideCase(sheet.number, {
          builds: [engine.build],
          decision,
          fasteners: grave.filter((f) => chosen.includes(f.words)).map(({ joint, position }) => ({ joint, position })),
        })
      }
    >
      <fieldset className="flex flex-col gap-2">
        <legend className="sr-only">Decision</legend>
        {DECISIONS.map((d) => (
          <label key={d.value} className="flex items-baseline gap-3">
            <input type="radio" name="decision" checked={decision === d.value} onChange={() => setDecision(d.value)} />
            <span>
              <b>{d.text}</b> <span className="text-soft">{d.about}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {grave.length > 0 && <Which grave={grave} chosen={chosen} onChoose={setChosen} />}
    </FormPanel>
  );
}

type WhichProps = { grave: DoubtfulFastener[]; chosen: string[]; onChoose: (chosen: string[]) => void };

function Which({ grave, chosen, onChoose }: WhichProps) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Only these, or none ticked for the whole engine</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {grave.map((f) => (
          <Checkbox
            key={f.words}
            checked={chosen.includes(f.words)}
            onCheckedChange={(on) => onChoose(on ? [...chosen, f.words] : chosen.filter((w) => w !== f.words))}
          >
            {f.words}
          </Checkbox>
        ))}
      </div>
    </fieldset>
  );
}
