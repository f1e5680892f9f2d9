import { type SyntheticEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem, sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { openBuild, useBuildCommand, useChoices } from './queries';

/** Enters a serial with its customer. A serial that was here before is asked about. */
export function OpenBuildPanel({ open, onClose }: { open: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  const choices = useChoices(open).data;
  const [commandId] = useState(() => crypto.randomUUID());
  const [serial, setSerial] = useState('');
  const [customer, setCustomer] = useState('');
  const command = useBuildCommand(openBuild);
  const problem = command.error instanceof Problem ? command.error : null;
  const asksForNext = problem?.type === 'earlier-build' ? problem : null;
  const send = (nextBuild: boolean) => {
    command.mutate(
      { id: commandId, serial: serial.replace(/^@S/, ''), customer, next_build: nextBuild },
      { onSuccess: (built) => void navigate(`/builds/${(built as { id: string }).id}`) },
    );
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    send(false);
  };
  const errorAt = (field: string) => (problem && !asksForNext && problem.field === field ? problem.sentence : null);
  return (
    <Panel
      title="An engine comes in"
      open={open}
      onClose={onClose}
      note={`Families in the library: ${choices?.families.map((f) => `${f.code} (${f.name})`).join(', ') ?? '…'}`}
    >
      <form onSubmit={submit} className="flex flex-col gap-4" noValidate>
        <Field
          label="Serial number, typed or scanned"
          autoFocus
          value={serial}
          onChange={(e) => {
            setSerial(e.target.value);
            command.reset();
          }}
          error={errorAt('serial')}
          placeholder="TN3-26-0430"
        />
        <Choice
          label="Customer"
          value={customer}
          onChange={(v) => setCustomer(v)}
          placeholder="Whose engine it is"
          options={(choices?.customers ?? []).map((c) => ({ value: c.id, text: c.name }))}
          error={errorAt('customer')}
        />
        {asksForNext ? (
          <div role="alert" className="border-l-4 border-paint py-1 pl-4">
            <p className="font-semibold">{asksForNext.sentence}</p>
            <div className="mt-3 flex gap-3">
              <Button look="main" onClick={() => send(true)}>
                Yes, open build {String(asksForNext.facts.next_build)}
              </Button>
              <Button onClick={() => command.reset()}>No, the serial is wrong</Button>
            </div>
          </div>
        ) : (
          <div className="flex items-center gap-3">
            <Button look="main" type="submit" disabled={command.isPending}>
              Put it on a stand
            </Button>
            <Button onClick={onClose}>Not now</Button>
          </div>
        )}
        {problem && !asksForNext && problem.field === null && (
          <p role="alert" className="text-fault">
            {sentenceOf(problem)}
          </p>
        )}
      </form>
    </Panel>
  );
}
