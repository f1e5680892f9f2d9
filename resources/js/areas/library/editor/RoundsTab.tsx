import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import { type Check, type Stage, movedStage, newKey, stageKeys, withLine, withStage } from '@/lib/document';
import { sentenceOf } from '@/lib/problem';
import { STAGE_KINDS, freshStage } from '@/lib/stages';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { StageRung } from './StageRung';
import type { Editing } from './editor';

/** The tightening line grown into a ladder: typed as a line first, refined rung by rung. */
export function RoundsTab(editing: Editing) {
  const { doc, edit } = editing;
  return (
    <div className="flex flex-col gap-3 px-7 py-4">
      <LineForm {...editing} />
      {doc.stages.length === 0 && <p className="text-soft">The rounds stand here, top to bottom, once a line is typed or one is added.</p>}
      <ol>
        {doc.stages.map((stage, i) => (
          <StageRung
            key={stage.key}
            editing={editing}
            stage={stage}
            no={String(i + 1)}
            onChange={(what, next) => edit(`stage ${stage.key} ${what}`, (d) => ({ ...d, stages: withStage(d.stages, stage.key, next) }))}
            onMove={(by) => edit('stage order', (d) => ({ ...d, stages: movedStage(d.stages, stage.key, by) }))}
          />
        ))}
      </ol>
      <AddStage {...editing} />
    </div>
  );
}

function LineForm({ doc, edit }: Editing) {
  const [line, setLine] = useState('');
  const read = useMutation({
    mutationFn: () => answerOf(api.POST('/library/line', { body: { line, groups: Object.fromEntries(doc.groups.map((g) => [g.key, g.name])) } })),
    onSuccess: ({ stages, checks }) => {
      edit('line', (d) => withLine(d, stages as Stage[], checks as Check[]));
      setLine('');
    },
  });
  return (
    <form
      noValidate
      className="flex items-start gap-3 border-b border-hair pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        read.mutate();
      }}
    >
      <Field
        className="grow"
        label="Type a line"
        value={line}
        placeholder={`15 lbf·ft · +80° ${doc.groups[0]?.name ?? 'inner'}${doc.groups[1] ? ` / +53° ${doc.groups[1].name}` : ''} · check end play`}
        error={read.isError ? sentenceOf(read.error) : null}
        hint="A dot ends a round, a stroke parts its groups."
        onChange={(e) => setLine(e.target.value)}
      />
      <Button type="submit" className="mt-6 h-[42px]" disabled={read.isPending}>
        Add these rounds
      </Button>
    </form>
  );
}

function AddStage({ doc, edit, show }: Editing) {
  const [kind, setKind] = useState('torque');
  return (
    <div className="flex items-end gap-3">
      <Select
        className="w-56"
        label="Another round"
        value={kind}
        onValueChange={setKind}
        options={[...STAGE_KINDS, { value: 'block', text: 'a block of rounds' }]}
      />
      <Button
        small
        className="h-[42px]"
        onClick={() => {
          const key = newKey(kind, stageKeys(doc.stages));
          edit('stage', (d) => ({ ...d, stages: [...d.stages, freshStage(d, kind, key)] }));
          show(key);
        }}
      >
        Add it
      </Button>
    </div>
  );
}
