import { useState } from 'react';
import type { ToolPage } from '@/api/types';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { ButtonLink } from '@/ui/ButtonLink';
import { Panel } from '@/ui/Panel';
import { useForm } from '@/ui/useForm';
import { ChangePanel } from './ChangePanel';
import { ReturnPanel } from './ReturnPanel';
import { type ChainReason, type RetireReason, TOOLS, chain, check, lend, retire } from './queries';

type Way = 'lend' | 'return' | 'chain' | 'check' | 'change' | 'retire';

const GAUGES: readonly string[] = ['angle_gauge', 'stretch_gauge', 'dial_indicator', 'micrometer', 'feeler_gauge', 'plastic_gauge'];

/** What else can be done with a tool; the one that is nearest stands as a button, the others behind "More". */
export function ToolWays({ page }: { page: ToolPage }) {
  const [way, setWay] = useState<Way | 'more' | null>(null);
  const { tool } = page;
  const close = () => setWay(null);
  const ways: [Way, string][] = [
    ...(tool.state === 'here' ? ([['lend', 'Hand it out']] as [Way, string][]) : []),
    ...(tool.state === 'out' ? ([['return', 'It is back']] as [Way, string][]) : []),
    ...(tool.state === 'here' || tool.state === 'out'
      ? ([['chain', 'Put a chain on it'], ...(tool.due === 'none' ? [] : [['check', 'Enter a check']])] as [Way, string][])
      : []),
    ['change', 'Change what is said of it'],
    ['retire', 'Retire it'],
  ];
  if (tool.state === 'retired') return null;
  return (
    <>
      <Button onClick={() => setWay('more')}>More</Button>
      <Panel title={tool.code} note={tool.says} open={way === 'more'} onClose={close}>
        <div className="flex flex-col items-start gap-3">
          {ways.map(([key, name]) => (
            <Button key={key} look={key === 'retire' ? 'fault' : 'plain'} onClick={() => setWay(key)}>
              {name}
            </Button>
          ))}
          {GAUGES.includes(tool.form) && <ButtonLink to={`/crib/tools/${tool.code}/study`}>Gauge study</ButtonLink>}
        </div>
      </Panel>
      {way === 'lend' && <LendPanel code={tool.code} onClose={close} />}
      {way === 'return' && <ReturnPanel tool={tool} onClose={close} />}
      {way === 'chain' && <ChainPanel code={tool.code} onClose={close} />}
      {way === 'check' && <CheckPanel page={page} onClose={close} />}
      {way === 'change' && <ChangePanel page={page} onClose={close} />}
      {way === 'retire' && <RetirePanel code={tool.code} onClose={close} />}
    </>
  );
}

type PanelProps = { code: string; onClose: () => void };

function LendPanel({ code, onClose }: PanelProps) {
  const { form, bind } = useForm({ badge: '' });
  return (
    <FormPanel title={`${code} goes out`} verb="Hand it out" onClose={onClose} refreshes={TOOLS} command={() => lend(code, form.badge)}>
      <Field label="Badge of whoever takes it, scanned or typed" autoFocus {...bind('badge')} />
    </FormPanel>
  );
}

const CHAINS: { value: ChainReason; text: string }[] = [
  { value: 'dropped', text: 'It was dropped' },
  { value: 'overloaded', text: 'It was overloaded' },
  { value: 'suspected', text: 'Somebody doubts it' },
];

function ChainPanel({ code, onClose }: PanelProps) {
  const { form, put } = useForm<{ reason: ChainReason | '' }>({ reason: '' });
  return (
    <FormPanel
      fault
      title={`${code} goes out of use`}
      note="At once, at every bench, until a calibration says how it reads."
      verb="Put the chain on"
      onClose={onClose}
      refreshes={TOOLS}
      command={() => chain(code, form.reason as ChainReason)}
    >
      <Choice label="Why" value={form.reason} onChange={(v) => put('reason')(v)} placeholder="Choose a reason" options={CHAINS} />
    </FormPanel>
  );
}

const RETIRES: { value: RetireReason; text: string }[] = [
  { value: 'worn', text: 'It is worn out' },
  { value: 'broken', text: 'It broke' },
  { value: 'lost', text: 'It is lost' },
  { value: 'sold', text: 'It was sold' },
];

function RetirePanel({ code, onClose }: PanelProps) {
  const { form, put } = useForm<{ reason: RetireReason | '' }>({ reason: '' });
  return (
    <FormPanel
      fault
      title={`${code} is retired`}
      note="It does not come back into use, and its number is not given again. What it did stays on record."
      verb="Retire it"
      onClose={onClose}
      refreshes={TOOLS}
      command={() => retire(code, form.reason as RetireReason)}
    >
      <Choice label="Why" value={form.reason} onChange={(v) => put('reason')(v)} placeholder="Choose a reason" options={RETIRES} />
    </FormPanel>
  );
}

/** One pull against the checker before a shift. */
function CheckPanel({ page, onClose }: { page: ToolPage; onClose: () => void }) {
  const { tool } = page;
  const { form, bind } = useForm({ nominal: '', reading: '' });
  const [good, setGood] = useState<boolean | null>(null);
  const unit = tool.resolution.split('\u00a0').pop() ?? '';
  if (good !== null)
    return (
      <Panel title={good ? `${tool.code} is good` : `${tool.code} failed its check`} open onClose={onClose}>
        <p>{good ? `It read within ${tool.permissible ?? 'its limit'}.` : 'It is out of use from now on, at every bench. A calibration says how it reads.'}</p>
        <Button className="mt-4" onClick={onClose}>
          Close
        </Button>
      </Panel>
    );
  return (
    <FormPanel
      title={`Check of ${tool.code}`}
      note={`One pull against the checker; it may deviate ${tool.permissible ?? ''}. One that fails goes out of use.`}
      verb="Keep it"
      onClose={onClose}
      refreshes={TOOLS}
      onDone={(done) => setGood(done.good)}
      command={() => check(tool.code, form)}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label={`Set to, ${unit}`} inputMode="decimal" autoFocus {...bind('nominal')} />
        <Field label={`The checker read, ${unit}`} inputMode="decimal" {...bind('reading')} />
      </div>
    </FormPanel>
  );
}
