import { useState } from 'react';
import type { BenchView } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import { WithdrawPanel } from './WithdrawPanel';
import { usePanelKeys } from './usePadKeys';
import { type Bench, useObserve } from './useRun';

type Props = { bench: Bench; view: BenchView; onClose: () => void };

/** What went wrong, in the words of whoever stands there. Taking back is asked about first, and names what was done last. */
export function WrongPanel({ bench, view, onClose }: Props) {
  const [takingBack, setTakingBack] = useState(false);
  const observe = useObserve(bench);
  const { last, call } = view;
  const report = (event: Record<string, unknown>) => () => {
    onClose();
    void observe(event);
  };
  const ways: [string, (() => void) | undefined, string | null][] = [
    [
      last?.typed === true ? `I typed ${last.value ?? ''} wrongly, ${last.title.toLowerCase()}` : 'I typed it wrongly',
      last?.typed === true && bench.outboxState.waiting.length === 0 ? () => setTakingBack(true) : undefined,
      last?.typed === true ? (bench.outboxState.waiting.length > 0 ? 'It is still being sent' : null) : 'Nothing that was typed stands last',
    ],
    ...(call.position !== undefined && call.step !== undefined
      ? ([
          ['It gave way: it turns without getting tighter', report({ type: 'gave_way', step: call.step }), null],
          ['I dropped the wrench', report({ type: 'fault_reported', fault: 'dropped_wrench', at: call.step }), null],
          ['I did another bolt, or I am not sure', report({ type: 'fault_reported', fault: 'unsure_count', at: call.step }), null],
        ] as [string, () => void, null][])
      : []),
  ];
  usePanelKeys(Object.fromEntries(ways.map(([, work], i) => [String(i + 1), work])));
  if (takingBack && last)
    return <WithdrawPanel bench={bench} name={last.title} reading={last.reading} step={last.step} outOfWindow={!last.good} onClose={onClose} />;
  return (
    <Panel title="What is wrong?" open onClose={onClose} note="It stays on record, and the rule for it is followed from there." big>
      <div className="flex flex-col gap-4">
        {ways.map(([says, work, waits], i) => (
          <BigKey key={says} cap={String(i + 1)} waits={waits} onClick={work}>
            {says}
          </BigKey>
        ))}
        <BigKey look="main" cap="Esc" onClick={onClose}>
          Nothing, back to {call.title.toLowerCase()}
        </BigKey>
      </div>
    </Panel>
  );
}
