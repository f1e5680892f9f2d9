import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { JointMap } from '@/ui/JointMap';
import { Unsent } from '../Unsent';
import type { Bench } from '../useRun';

export type PointProps = { bench: Bench; sheet: RunSheet; view: BenchView };

/** A place at which one looks before one goes on: a sentence, its keys, and the metal as it must look now over the whole side. */
export function Point({ bench, sheet, view, title, error = null, children }: PointProps & { title: ReactNode; error?: unknown; children: ReactNode }) {
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
      <section className="flex min-h-0 flex-col border-l border-line p-7 portrait:border-t portrait:border-l-0" aria-label="The joint">
        <div className="min-h-0 grow">
          <JointMap
            sketch={sheet.sketch}
            marks={view.marks}
            now={view.call.position ?? null}
            detail="full"
            label="The joint with the marks that must be on it"
          />
        </div>
        <div className="flex">
          <Unsent bench={bench} view={view} />
        </div>
      </section>
    </main>
  );
}

export function ToHook() {
  return (
    <Link to="/bench" className="mt-4 flex h-24 w-fit items-center rounded border-2 border-line bg-sheet px-8 text-xl font-semibold">
      Back to my hook
    </Link>
  );
}
