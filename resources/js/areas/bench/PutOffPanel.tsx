import type { BenchView } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import { usePanelKeys } from './usePadKeys';
import { type Bench, useObserve } from './useRun';

type Props = { bench: Bench; view: BenchView; onClose: () => void };

/** What was put off and why, and what else stands before the end; each with its way. */
export function PutOffPanel({ bench, view, onClose }: Props) {
  const observe = useObserve(bench);
  const takeUp = (event: Record<string, unknown>) => () => {
    onClose();
    void observe(event);
  };
  const ways = view.put_off.slice(0, 9).map(({ event }) => takeUp({ ...event }));
  usePanelKeys(Object.fromEntries(ways.map((work, i) => [String(i + 1), work])));
  return (
    <Panel title="What stands before the end" open onClose={onClose} big>
      <div className="flex flex-col gap-4">
        {view.put_off.map((item, i) => (
          <BigKey key={item.step} cap={i < 9 ? String(i + 1) : '·'} onClick={ways[i] ?? takeUp({ ...item.event })}>
            Take it up: {item.says}
            <span className="block text-lg font-normal text-soft">put off: {item.reason}</span>
          </BigKey>
        ))}
      </div>
      {view.blocks.length > 0 && (
        <ul className="mt-5 list-disc pl-5 text-lg">
          {view.blocks.map((block) => (
            <li key={block}>{block}</li>
          ))}
        </ul>
      )}
      {view.put_off.length === 0 && view.blocks.length === 0 && (
        <p className="text-lg">
          {view.done} of {view.all} steps are done; nothing was put off. What is called is what comes next.
        </p>
      )}
    </Panel>
  );
}
