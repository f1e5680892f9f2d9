import { useParams } from 'react-router';
import { useMe, useSession } from '@/api/session';
import type { RunSheet } from '@/api/types';
import { Loaded, Waiting } from '@/ui/states';
import { BenchHeader } from '../BenchHeader';
import { StepScreen } from '../StepScreen';
import { StopScreen } from '../StopScreen';
import { AllDone, Closed, HeldElsewhere } from '../TurningPoints';
import { ToolChoice } from '../ToolChoice';
import { isAtStep } from '../outbox';
import { type Bench, takenTool, useRun } from '../useRun';

/** A run at the bench: always the one thing to do now. */
export function Run() {
  const { run = '' } = useParams();
  const bench = useRun(run);
  return (
    <div className="flex h-screen min-h-[660px] flex-col">
      <Loaded query={bench.query}>
        {(sheet) => (
          <>
            <BenchHeader back>
              <span className="wide text-[22px] font-bold">{sheet.serial}</span>
              <span className="text-lg">{sheet.joint}</span>
              <span className="text-lg text-soft">revision {sheet.revision}</span>
            </BenchHeader>
            <Told sheet={sheet} />
            <NotKept sentence={bench.outboxState.notKept} />
            <Now bench={bench} sheet={bench.sheet ?? sheet} />
          </>
        )}
      </Loaded>
    </div>
  );
}

/** What was seen last is nowhere, on whatever screen one is by now. */
function NotKept({ sentence }: { sentence: string | null }) {
  if (sentence === null) return null;
  return (
    <p role="alert" className="shrink-0 border-b border-l-8 border-line border-l-fault bg-sheet px-5 py-2 text-xl font-semibold text-fault">
      {sentence}
    </p>
  );
}

/** What one has to know about this run beside its steps. */
function Told({ sheet }: { sheet: RunSheet }) {
  if (sheet.newer === null && sheet.permits.length === 0) return null;
  return (
    <div className="shrink-0 border-b border-line bg-sheet px-7 py-1.5 text-lg">
      {sheet.newer !== null && (
        <p>
          <b>Revision {sheet.newer} is in force now.</b> This run was begun with {sheet.revision} and goes on with it.
        </p>
      )}
      {sheet.permits.map((p) => (
        <p key={p.code} className="truncate" title={p.departure}>
          <b>Permit {p.code}:</b> {p.departure}
        </p>
      ))}
    </div>
  );
}

function Now({ bench, sheet }: { bench: Bench; sheet: RunSheet }) {
  const me = useMe();
  const device = useSession().data?.device;
  const { view, pending } = bench;
  if (!view || !bench.outbox) return <Waiting />;
  if (sheet.finished) return <Closed sheet={sheet} />;
  if (sheet.holder.device !== device?.id || sheet.holder.person !== me.id) return <HeldElsewhere bench={bench} sheet={sheet} />;
  const bad = view.waits ? pending.filter(isAtStep).find((o) => !view.doneHere.includes(o.step)) : undefined;
  const stoppedAt = bad?.type === 'reading_taken' ? bad.step : sheet.stopped_at;
  if (stoppedAt !== null) return <StopScreen key={stoppedAt} bench={bench} sheet={sheet} stepId={stoppedAt} waiting={bad} />;
  const step = sheet.steps.find((s) => s.id === view.next);
  if (view.waits) return <Waiting />;
  if (!step) return <AllDone bench={bench} sheet={sheet} />;
  if (takenTool(sheet, step) === null) return <ToolChoice bench={bench} sheet={sheet} step={step} />;
  return <StepScreen bench={bench} sheet={sheet} step={step} />;
}
