import { type SyntheticEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import type { BuildChoices } from '@/api/types';
import { Problem, sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Checkbox } from '@/ui/Checkbox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Panel } from '@/ui/Panel';
import { useForm } from '@/ui/useForm';
import { openBuild, useBuildCommand, useChoices } from './queries';

/** Enters a serial with its customer and what is known of it. A serial that was here before is asked about. */
export function OpenBuildPanel({ open, onClose }: { open: boolean; onClose: () => void }) {
  const choices = useChoices(open).data;
  return (
    <Panel title="An engine comes in" open={open} onClose={onClose} note={`Serials read like ${choices ? examples(choices) : '…'}`}>
      <OpenBuildForm customers={(choices?.customers ?? []).map((c) => ({ value: c.id, text: c.name }))} onClose={onClose} />
    </Panel>
  );
}

const examples = ({ families }: BuildChoices) => families.map((f) => `${f.serials[0] ?? f.code} (${f.name})`).join(', ');

function OpenBuildForm({ customers, onClose }: { customers: { value: string; text: string }[]; onClose: () => void }) {
  const { form, bind, typeSerial, choose, waits, setWaits, command, problem, asksForNext, send } = useOpening();
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    send(null);
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
      <More bind={bind} errorAt={errorAt} />
      <Checkbox checked={waits} onCheckedChange={setWaits}>
        It waits, and stands on no stand yet
      </Checkbox>
      {asksForNext ? (
        <NextBuildQuestion problem={asksForNext} onYes={() => send(Number(asksForNext.facts.next_build))} onNo={() => command.reset()} />
      ) : (
        <PutOrNot busy={command.isPending} waits={waits} onClose={onClose} />
      )}
      {problem && !SHOWN.includes(problem.field ?? '') && (
        <p role="alert" className="text-fault">
          {sentenceOf(problem)}
        </p>
      )}
    </form>
  );
}

type MoreProps = { bind: ReturnType<typeof useOpening>['bind']; errorAt: (field: string) => string | null };

/** What may be known of it already; more is said on its own page. */
function More({ bind, errorAt }: MoreProps) {
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <Field label="Order, where there is one" {...bind('order')} error={errorAt('order_number')} />
        <Field label="Must leave by" type="date" {...bind('due')} error={errorAt('due_on')} />
      </div>
      <Field label="What came in, and in which condition" {...bind('core')} error={errorAt('core')} placeholder="complete, without starter" />
      <Field
        label="Another number on it, where there is one"
        {...bind('old')}
        error={errorAt('old_serials')}
        hint="A maker’s plate, or one that was stamped over: it is found by that too."
      />
    </>
  );
}

/** What is wrong with these is said at their fields. */
const SHOWN = ['serial', 'customer', 'order_number', 'due_on', 'core', 'old_serials'];

/** Opens the build under one id, so that a second press opens none; a serial known already is a question, not a refusal. */
function useOpening() {
  const { form, put, bind } = useForm({ serial: '', customer: '', order: '', due: '', core: '', old: '' });
  const [waits, setWaits] = useState(false);
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID());
  const command = useBuildCommand(openBuild);
  const refused = command.error instanceof Problem ? command.error : null;
  const asksForNext = refused?.type === 'earlier-build' ? refused : null;
  const send = (build: number | null) => {
    const known = {
      order_number: form.order.trim(),
      core: form.core.trim(),
      due_on: form.due === '' ? null : form.due,
      old_serials: form.old.trim() === '' ? [] : [form.old.trim()],
    };
    command.mutate(
      { id, serial: form.serial.replace(/^@S/, ''), customer: form.customer, build, waits, ...known },
      { onSuccess: (built) => void navigate(`/builds/${built.id}`) },
    );
  };
  const typeSerial = (serial: string) => {
    put('serial')(serial);
    command.reset();
  };
  return { form, bind, typeSerial, choose: put('customer'), waits, setWaits, command, asksForNext, problem: asksForNext ? null : refused, send };
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

function PutOrNot({ busy, waits, onClose }: { busy: boolean; waits: boolean; onClose: () => void }) {
  return (
    <div className="flex items-center gap-3">
      <Button look="main" type="submit" disabled={busy}>
        {waits ? 'Take it in' : 'Put it on a stand'}
      </Button>
      <Button onClick={onClose}>Not now</Button>
    </div>
  );
}
