import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { JointMap } from '@/ui/JointMap';
import { BigKey } from './BigKey';
import { marksHere } from './marks';
import { usePadKeys } from './usePadKeys';
import { finishRun, takeOver } from './queries';
import type { Bench } from './useRun';

const QUIET_MS = 900;

type Props = { bench: Bench; sheet: RunSheet };

/** The run is open at another bench or in other hands. */
export function HeldElsewhere({ bench, sheet }: Props) {
  const onTakeOver = () => bench.command.mutate(takeOver);
  usePadKeys({ Enter: bench.command.isPending ? undefined : onTakeOver }, QUIET_MS);
  const done = sheet.steps.filter((s) => s.status === 'done').length;
  return (
    <Point
      sheet={sheet}
      done={[]}
      title={`Open at ${sheet.holder.device_name ?? 'another bench'} with ${sheet.holder.person_name ?? 'somebody'}`}
      error={bench.command.error}
    >
      <p className="text-2xl">
        {done} of {sheet.steps.length} steps are done; the metal must show these marks. Look before you go on.
      </p>
      <BigKey look="main" cap="Enter" className="mt-8" disabled={bench.command.isPending} onClick={onTakeOver}>
        Go on here
      </BigKey>
    </Point>
  );
}

/** Every step is done: one look round the marks, then the run is finished. */
export function AllDone({ bench, sheet }: Props) {
  const finish = () => bench.command.mutate(finishRun);
  usePadKeys({ Enter: bench.command.isPending ? undefined : finish }, QUIET_MS);
  return (
    <Point sheet={sheet} done={bench.view?.doneHere ?? []} title={`All ${String(sheet.steps.length)} steps are done`} error={bench.command.error}>
      <p className="text-2xl">
        Look round the marks: every head carries {sheet.stages.length === 2 ? 'two strokes' : `${String(sheet.stages.length)} strokes`} of paint, as on the
        picture.
      </p>
      <BigKey look="main" cap="Enter" className="mt-8" disabled={bench.command.isPending} onClick={finish}>
        The marks agree, finish
      </BigKey>
    </Point>
  );
}

export function Closed({ sheet }: { sheet: RunSheet }) {
  return (
    <Point sheet={sheet} done={[]} title={`${sheet.joint} of ${sheet.serial}: finished`} error={null}>
      <p className="text-2xl">Everything is recorded. The lead sees it on the audit sheet.</p>
      <Link to="/bench" className="mt-8 flex h-24 w-fit items-center rounded border-2 border-now bg-now px-8 text-xl font-semibold text-on-now">
        Back to my hook
      </Link>
    </Point>
  );
}

function Point({ sheet, done, title, error, children }: { sheet: RunSheet; done: string[]; title: string; error: unknown; children: ReactNode }) {
  return (
    <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] portrait:grid-cols-1">
      <section className="flex flex-col justify-center px-7 py-6">
        <h1 className="mb-5 text-5xl">{title}</h1>
        {children}
        {error !== null && (
          <p role="alert" className="mt-4 text-xl text-fault">
            {sentenceOf(error)}
          </p>
        )}
      </section>
      <section className="min-h-0 border-l border-line p-7">
        <JointMap sketch={sheet.sketch} marks={marksHere(sheet, done)} detail="full" label="The joint with the marks that must be on it" />
      </section>
    </main>
  );
}
