import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { FullSheet } from '../FullSheet';
import { type Bench, useObserve } from '../useRun';
import { WithdrawPanel } from '../WithdrawPanel';
import { Cost } from './Cost';
import { Picker } from './Picker';
import { PutOff } from './PutOff';
import type { Said } from './useWrong';

type Props = {
  bench: Bench;
  sheet: RunSheet;
  view: BenchView;
  /** What was said already. */
  begin?: Said;
  onClose: () => void;
};

/** What was typed wrongly is no fault of the metal: it is taken back. */
const TYPED_WRONGLY = '34';

type At = { is: 'picking' } | { is: 'said'; said: Said } | { is: 'putting off'; says: string; event: Record<string, unknown> } | { is: 'taking back' };

/** Something is wrong: what it is, what it costs, and only then that it is so. */
export function WrongSheet({ bench, sheet, view, begin, onClose }: Props) {
  const [at, setAt] = useState<At>(begin ? { is: 'said', said: begin } : { is: 'picking' });
  const observe = useObserve(bench);
  const record = (...events: Record<string, unknown>[]) => {
    onClose();
    // One after the other: the second rests on what the first has come to.
    void events.reduce<Promise<unknown>>((before, event) => before.then(() => observe(event)), Promise.resolve());
  };
  if (at.is === 'taking back' && view.last)
    return (
      <WithdrawPanel bench={bench} name={view.last.title} reading={view.last.reading} step={view.last.step} outOfWindow={!view.last.good} onClose={onClose} />
    );
  return (
    <FullSheet sheet={sheet} title="Something is wrong" onClose={onClose}>
      {at.is === 'said' ? (
        <Cost
          key={JSON.stringify(at.said)}
          bench={bench}
          sheet={sheet}
          view={view}
          said={at.said}
          onSay={(said) => setAt({ is: 'said', said })}
          onBack={() => setAt({ is: 'picking' })}
          onRecord={record}
        />
      ) : at.is === 'putting off' ? (
        <PutOff says={at.says} onBack={() => setAt({ is: 'picking' })} onReason={(reason) => record({ ...at.event, reason })} />
      ) : (
        <Picker
          bench={bench}
          sheet={sheet}
          view={view}
          onPick={(key) => setAt(key === TYPED_WRONGLY ? { is: 'taking back' } : { is: 'said', said: { key } })}
          onPutOff={(says, event) => setAt({ is: 'putting off', says, event })}
          onBack={onClose}
        />
      )}
    </FullSheet>
  );
}
