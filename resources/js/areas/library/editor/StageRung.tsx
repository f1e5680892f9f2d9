import { type Stage, movedStage, withStage } from '@/lib/document';
import { said } from '@/lib/stages';
import { Button } from '@/ui/Button';
import { StageForm } from './StageForm';
import type { Editing } from './editor';

export type ChangeStage = (what: string, next: (stage: Stage) => Stage | null) => void;
type Props = { editing: Editing; stage: Stage; no: string; onChange: ChangeStage; onMove: (by: -1 | 1) => void };

/** One rung of the ladder; the one that is open shows its form and its paint on the map. */
export function StageRung({ editing, stage, no, onChange, onMove }: Props) {
  const open = editing.round === stage.key;
  const rung = editing.look?.sheet?.rungs.find((r) => r.stage === stage.key);
  return (
    <li className={`border-b border-hair ${open ? 'bg-sheet shadow-[inset_3px_0_0_var(--now)]' : ''}`}>
      <div className="flex items-center gap-3 py-1.5 pl-3">
        <button type="button" aria-expanded={open} className="min-w-0 grow text-left" onClick={() => editing.show(open ? null : stage.key)}>
          <span className="mr-3 font-semibold">{no}</span>
          <span className="font-semibold">{said(stage)}</span>
          <span className="ml-3 text-soft">{rung?.rows.map((r) => `${r.aim} ${r.whom}`).join(', ') ?? ''}</span>
        </button>
        <Button small aria-label={`Round ${no} up`} onClick={() => onMove(-1)}>
          ↑
        </Button>
        <Button small aria-label={`Round ${no} down`} onClick={() => onMove(1)}>
          ↓
        </Button>
        <Button small aria-label={`Take round ${no} out`} onClick={() => onChange('out', () => null)}>
          Take out
        </Button>
      </div>
      {open && <StageForm editing={editing} stage={stage} onChange={onChange} />}
      {stage.stages && (
        <ol className="ml-4">
          {stage.stages.map((inner, i) => (
            <StageRung
              key={inner.key}
              editing={editing}
              stage={inner}
              no={`${no}.${String(i + 1)}`}
              onChange={(what, next) => onChange(`${inner.key} ${what}`, (s) => ({ ...s, stages: withStage(s.stages ?? [], inner.key, next) }))}
              onMove={(by) => onChange('order', (s) => ({ ...s, stages: movedStage(s.stages ?? [], inner.key, by) }))}
            />
          ))}
        </ol>
      )}
    </li>
  );
}
