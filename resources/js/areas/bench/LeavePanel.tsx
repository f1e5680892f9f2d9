import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { RunSheet } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import { type Bench, useObserve } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; onClose: () => void };

/** Where it can next be left as it stands now; where no core is beside the page, as the server last had it. */
function usePlace(bench: Bench, sheet: RunSheet): string {
  const [place, setPlace] = useState<string | null>(null);
  const told = sheet.time?.leave ?? '';
  const { state, leave } = bench.beside;
  useEffect(() => {
    if (state === 'ready') leave().then(setPlace, () => setPlace(told));
  }, [state, leave, told]);
  const known = place ?? (state === 'ready' ? null : told);
  if (known === null) return '…';
  return known === '' ? 'Nothing is left to do.' : `Place to leave it: ${known}.`;
}

/** Leaves the job on its hook; the next one, whoever it is, reads the sentence and looks at the metal first. */
export function LeavePanel({ bench, sheet, onClose }: Props) {
  const navigate = useNavigate();
  const observe = useObserve(bench);
  const [text, setText] = useState('');
  const park = async () => {
    const said = text.trim();
    if (await observe({ type: 'parked', reason: 'left at the bench', ...(said === '' ? {} : { text: said }) })) void navigate('/bench');
  };
  return (
    <Panel title="Leave it, or hand it over" open onClose={onClose} note={usePlace(bench, sheet)} big>
      <div className="flex flex-col gap-4">
        <label className="text-lg">
          What the next one has to know, if anything
          <textarea
            autoFocus
            rows={2}
            maxLength={300}
            value={text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return;
              e.preventDefault();
              void park();
            }}
            className="mt-2 block min-h-24 w-full rounded border-[3px] border-now bg-sheet px-5 py-3 text-2xl"
          />
        </label>
        {bench.outboxState.notKept !== null && (
          <p role="alert" className="text-lg font-semibold text-fault">
            {bench.outboxState.notKept}
          </p>
        )}
        <BigKey look="main" cap="Enter" onClick={() => void park()}>
          Park it on my hook
        </BigKey>
      </div>
    </Panel>
  );
}
