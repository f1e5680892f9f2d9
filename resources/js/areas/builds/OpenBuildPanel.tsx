import { type SyntheticEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem, sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { useForm } from '@/ui/useForm';
import { openBuild, useBuildCommand, useChoices } from './queries';

/** Enters a serial with its customer. A serial that was here before is asked about. */
export function OpenBuildPanel({ open, onClose }: { open: boolean; onClose: () => void }) {
  const choices = useChoices(open).data;
  return (
    <Panel
      title="An engine comes in"
      open={open}
      onClose={onClose}
      note={`Families in the library: ${choices?.families.map((f) => `${f.code} (${f.name})`).join(', ') ?? '…'}`}
    >
      <OpenBuildForm customers={(choices?.customers ?? []).map((c) => ({ value: c.id, text: c.name }))} onClose={onClose} />
    </Panel>
  );
}

function OpenBuildForm({ customers, onClose }: { customers: { value: string; text: string }[]; onClose: () => void }) {
  const { form, typeSerial, choose, command, problem, asksForNext, send } = useOpening();
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    send(false);
  };
  const errorAt = (field: string) => (problem?.field === field ? problem.sentence : null);
  return (
    <form onSubmit={submit} className="flex flex-col gap-4" noValidate>
      <Field
        label="Serial number, typed or scanned"
        autoFocus
        value={form.serial}
        onChange={(e) => typeSerial(e.target.value)}
        error={errorAt('serial')}
        placeholder="TN3-26-0430"
      />
      <Choice label="Customer" value={form.customer} onChange={choose} placeholder="Whose engine it is" options={customers} error={errorAt('customer')} />
      {asksForNext ? (
        <NextBuildQuestion problem={asksForNext} onYes={() => send(true)} onNo={() => command.reset()} />
      ) : (
        <PutOrNot busy={command.isPending} onClose={onClose} />
      )}
      {problem?.field === null && (
        <p role="alert" className="text-fault">
          {sentenceOf(problem)}
        </p>
      )}
    </form>
  );
}

/** Opens the build under one id, so that a second press opens none; a serial known already is a question, not a refusal. */
function useOpening() {
  const { form, put } = useForm({ serial: '', customer: '' });
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID());
  const command = useBuildCommand(openBuild);
  const refused = command.error instanceof Problem ? command.error : null;
  const asksForNext = refused?.type === 'earlier-build' ? refused : null;
  const send = (nextBuild: boolean) => {
    command.mutate(
      { id, serial: form.serial.replace(/^@S/, ''), customer: form.customer, next_build: nextBuild },
      { onSuccess: (built) => void navigate(`/builds/${built.id}`) },
    );
  };
  const typeSerial = (serial: string) => {
    put('serial')(serial);
    command.reset();
  };
  return { form, typeSerial, choose: put('customer'), command, asksForNext, problem: asksForNext ? null : refused, send };
}

function NextBuildQuestion({ problem, onYes, onNo }: { problem: Problem; onYes: () => void; onNo: () => void }) {
  return (
    <div role="alert" className="border-l-4 border-paint py-1 pl-4">
      <p className="font-semibold">{problem.sentence}</p>
      <div className="mt-3 flex gap-3">
        <Button look="main" onClick={onYes}>
          Yes, open build {String(problem.facts.next_build)}
        </Button>
        <Button onClick={onNo}>No, the serial is wrong</Button>
      </div>
    </div>
  );
}

function PutOrNot({ busy, onClose }: { busy: boolean; onClose: () => void }) {
  return (
    <div className="flex items-center gap-3">
      <Button look="main" type="submit" disabled={busy}>
        Put it on a stand
      </Button>
      <Button onClick={onClose}>Not now</Button>
    </div>
  );
}
