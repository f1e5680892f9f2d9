import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from './MorePanel';
import { BadgeSide } from './BadgeSide';
import { KeyBar } from './KeyBar';
import { type BadgeAndPin, type RunCommand, joinRun, signSupervised, superviseRun } from './queries';
import type { Bench } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

type Signing = { who: string; done: string; command: (of: BadgeAndPin) => RunCommand };

const JOINS: Signing = { who: 'Whoever joins', done: 'Join', command: joinRun };

/** Who is wanted, by the command that answers the call. */
const SIGNING: Record<string, Signing> = {
  supervise: { who: 'Your supervisor', done: 'I stand beside it', command: superviseRun },
  sign_supervised: { who: 'Your supervisor', done: 'Sign', command: signSupervised },
};

/** Somebody else is wanted: to hold, to stand beside it, to sign for it. Badge and PIN, on glass too; the PIN is never seen. */
export function PersonScreen({ bench, sheet, view }: Props) {
  const { call } = view;
  const [more, setMore] = useState(false);
  const { who, done, command } = SIGNING[call.answers[0]?.command ?? ''] ?? JOINS;
  return (
    <>
      <BadgeSide key={call.title} bench={bench} who={who} done={done} onSign={(badge, pin) => command({ badge, pin })}>
        <h1 className="text-[40px] leading-tight">{call.title}</h1>
        {call.says.map((text) => (
          <p key={text} className="mt-1 text-xl">
            {text}
          </p>
        ))}
        <div className="min-h-0 grow py-3 portrait:hidden">
          <JointMap sketch={sheet.sketch} marks={view.marks} now={call.position ?? null} detail="full" label="The joint with the marks that must be on it" />
        </div>
      </BadgeSide>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={600}
        keys={[
          { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
          { cap: '+', says: 'More', do: () => setMore(true) },
        ]}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}
