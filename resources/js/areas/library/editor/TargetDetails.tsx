import { type Target, withField } from '@/lib/document';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { QUANTITIES } from '../choices';

type Watched = { quantity: string; low?: string; high?: string };
type Props = { target: Target; turns: boolean; name: string; onChange: (what: string, next: (t: Target) => Target) => void };

/** From which torque its angle counts, what the tool is set to within the window, on what grounds, and what is watched beside the value one stops at. */
export function TargetDetails({ target, turns, name, onChange }: Props) {
  const watched = (Array.isArray(target.monitored) ? target.monitored : []) as Watched[];
  const put = (field: string) => (value: unknown) => onChange(field, (t) => withField(t, field, value));
  return (
    <tr>
      <td colSpan={6} className="pt-1 pb-2">
        <div className="flex flex-col gap-1 border-l border-hair pl-3">
          {turns && <CountsFrom target={target} name={name} onPut={put('threshold')} />}
          <div className="flex items-center gap-2">
            <span className="w-36 shrink-0 text-sm text-soft">set the tool to</span>
            <Cell className="max-w-32" label={`The tool is set to, ${name}`} value={target.aim ?? ''} placeholder="as the target" onType={put('aim')} />
            <span className="shrink-0 text-sm text-soft">because</span>
            <Cell
              label={`Why the tool is set so, ${name}`}
              value={target.aim_evidence ?? ''}
              placeholder="a trial, a calculation"
              onType={put('aim_evidence')}
            />
          </div>
          {watched.map((w, i) => (
            <WatchedRow
              key={i}
              watched={w}
              name={name}
              onPut={(field, value) => put('monitored')(watched.map((o, at) => (at === i ? withField(o, field, value) : o)))}
              onRemove={() => put('monitored')(watched.filter((_, at) => at !== i))}
            />
          ))}
          <AddButton className="self-start" text="Watch a value beside it" onAdd={() => put('monitored')([...watched, { quantity: 'angle' }])} />
        </div>
      </td>
    </tr>
  );
}

function CountsFrom({ target, name, onPut }: { target: Target; name: string; onPut: (value: string) => void }) {
  return (
    <div className="flex items-center gap-2">
      <span className="w-36 shrink-0 text-sm text-soft">angle counts from</span>
      <Cell
        className="max-w-32"
        label={`The angle counts from, ${name}`}
        value={typeof target.threshold === 'string' ? target.threshold : ''}
        placeholder="as the round"
        onType={onPut}
      />
    </div>
  );
}

type WatchedProps = { watched: Watched; name: string; onPut: (field: string, value: string) => void; onRemove: () => void };

function WatchedRow({ watched: w, name, onPut, onRemove }: WatchedProps) {
  return (
    <div className="flex items-center gap-2">
      <span className="w-36 shrink-0 text-sm text-soft">watched beside it</span>
      <Select
        className="w-32 shrink-0"
        label={`What is watched, ${name}`}
        hideLabel
        value={w.quantity}
        onValueChange={(v) => onPut('quantity', v)}
        options={QUANTITIES}
      />
      <span className="shrink-0 text-sm text-soft">good from</span>
      <Cell className="max-w-32" label={`Watched from, ${name}`} value={w.low ?? ''} placeholder="30°" onType={(v) => onPut('low', v)} />
      <span className="shrink-0 text-sm text-soft">to</span>
      <Cell className="max-w-32" label={`Watched to, ${name}`} value={w.high ?? ''} onType={(v) => onPut('high', v)} />
      <RemoveButton label={`Watch it no more, ${name}`} onClick={onRemove} />
    </div>
  );
}
