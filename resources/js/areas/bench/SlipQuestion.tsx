import type { ToolOffer } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import type { Entry } from './useEntry';

/** A reading that looks like a slip is asked about before it becomes part of the record. */
export function SlipQuestion({ entry, tool }: { entry: Entry; tool: ToolOffer }) {
  const { slip, typed, settle } = entry;
  if (!slip) return null;
  return (
    <Panel
      title={`Did ${tool.code} really show ${typed} ${tool.unit.symbol}?`}
      open
      onClose={() => settle(null)}
      note={`It looks like a slip: ${slip.words}. Only you saw the scale.`}
    >
      <div className="flex flex-col gap-4">
        <BigKey look="main" onClick={() => settle(null)}>
          No, let me type it again
        </BigKey>
        <BigKey onClick={() => settle(slip.likely)}>
          It showed {slip.likely} {tool.unit.symbol}
        </BigKey>
        <BigKey onClick={() => settle(typed.replace(',', '.'))}>
          It did show {typed} {tool.unit.symbol}
        </BigKey>
      </div>
    </Panel>
  );
}
