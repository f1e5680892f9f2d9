import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { useMe } from '@/api/session';
import { JointMap } from '@/ui/JointMap';
import { MorePanel } from '../MorePanel';
import { BadgeSide } from '../BadgeSide';
import { KeyBar } from '../KeyBar';
import { finishRun } from '../queries';
import type { Bench } from '../useRun';
import { QUIET_MS } from '../usePadKeys';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** A signature: a sentence, and the PIN that puts a name to it. */
export function SignScreen({ bench, sheet, view }: Props) {
  const me = useMe();
  const [more, setMore] = useState(false);
  return (
    <>
      <BadgeSide bench={bench} who={me.name} done="Sign" known onSign={(_, pin) => finishRun(pin)}>
        <h1 className="text-[40px] leading-tight">“{view.call.meaning}”</h1>
        <p className="mt-1 text-xl">{view.call.says[0]}</p>
        <div className="min-h-0 grow py-3">
          <JointMap sketch={sheet.sketch} marks={view.marks} detail="full" label="The joint with the marks that are on it" />
        </div>
      </BadgeSide>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={QUIET_MS}
        keys={[
          { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
          { cap: '+', says: 'More', do: () => setMore(true) },
        ]}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}
