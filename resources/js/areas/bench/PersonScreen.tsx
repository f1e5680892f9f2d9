import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from './MorePanel';
import { BadgeSide } from './BadgeSide';
import { KeyBar } from './KeyBar';
import { joinRun } from './queries';
import type { Bench } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** Somebody else is wanted, to hold. Badge and PIN, on glass too; the PIN is never seen. */
export function PersonScreen({ bench, sheet, view }: Props) {
  const { call } = view;
  const [more, setMore] = useState(false);
  return (
    <>
      <BadgeSide bench={bench} who="Whoever joins" done="Join" onSign={(badge, pin) => joinRun({ badge, pin })}>
        <h1 className="text-[40px] leading-tight">{call.title}</h1>
        {call.says.map((text) => (
          <p key={text} className="mt-1 text-xl">
            {text}
          </p>
        ))}
        <div className="min-h-0 grow py-3">
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
