import { type SyntheticEvent, useState } from 'react';
import type { ToolOnBoard } from '@/api/types';
import { Refusal } from '@/ui/Refusal';
import { ReturnPanel } from './ReturnPanel';
import { findTool, lend, useToolCommand } from './queries';

/** The counter: a tool and a badge, in either order, and it is handed out; a tool that is out comes back. */
export function Counter({ tools }: { tools: ToolOnBoard[] }) {
  const counter = useCounter(useFind(tools));
  return (
    <div className="relative">
      <form onSubmit={counter.onScan}>
        <input
          aria-label="Scan a tool or a badge"
          aria-describedby="counter-says"
          placeholder={placeholder(counter.hand)}
          value={counter.text}
          onChange={(e) => counter.setText(e.target.value)}
          autoComplete="off"
          className="h-[42px] w-60 rounded border border-line bg-sheet px-3 placeholder:text-soft"
        />
      </form>
      <div id="counter-says" role="status" className="absolute top-full right-0 z-20 mt-1 w-max max-w-md">
        {counter.hand.says !== '' && <p className="border border-line bg-sheet px-3 py-1.5 font-semibold">{counter.hand.says}</p>}
        <Refusal of={counter.lending} className="border border-fault bg-sheet px-3 py-1.5 font-semibold" />
      </div>
      {counter.back !== null && <ReturnPanel tool={counter.back} onClose={counter.onBack} />}
    </div>
  );
}

type Asked = { tool: string; badge: string };

/** Off the board; one that has just come in is asked for. */
function useFind(tools: ToolOnBoard[]) {
  return async (said: string): Promise<ToolOnBoard | null> => {
    const code = said.replace(/^@T/i, '').toUpperCase();
    return tools.find((t) => t.code === code) ?? (await findTool(code).catch(() => null));
  };
}

function placeholder({ tool, badge }: Hand): string {
  if (tool !== null) return `a badge for ${tool}`;
  return badge === null ? 'scan a tool or a badge' : `tools for badge ${badge}`;
}

const isBadge = (said: string) => /^(?:@B)?\d{3,}$/i.test(said);

/** What was scanned first and waits for the other; nothing waits for ever: an empty Enter ends it. */
type Hand = { tool: string | null; badge: string | null; says: string };
const EMPTY: Hand = { tool: null, badge: null, says: '' };

function useCounter(find: (said: string) => Promise<ToolOnBoard | null>) {
  const [text, setText] = useState('');
  const [hand, setHand] = useState(EMPTY);
  const [back, setBack] = useState<ToolOnBoard | null>(null);
  const lending = useToolCommand(({ tool, badge }: Asked) => lend(tool, badge));
  const give = (asked: Asked) => {
    setHand({ ...hand, tool: null, says: '' });
    lending.mutate(asked, { onSuccess: ({ tool }) => setHand((now) => ({ ...now, says: `${tool.code} is with ${tool.holder ?? 'somebody'}.` })) });
  };
  const onTool = (found: ToolOnBoard) => {
    if (found.state === 'out') setBack(found);
    else if (hand.badge !== null) give({ tool: found.code, badge: hand.badge });
    else setHand({ ...EMPTY, tool: found.code, says: `${found.code}, ${found.name}: scan the badge of whoever takes it.` });
  };
  const onBadge = (badge: string) => {
    if (hand.tool !== null) give({ tool: hand.tool, badge });
    else setHand({ ...EMPTY, badge, says: `Scan what badge ${badge} takes, one after the other. Enter ends it.` });
  };
  const onScan = (event: SyntheticEvent) => {
    event.preventDefault();
    const said = text.trim();
    setText('');
    lending.reset();
    if (said === '') setHand(EMPTY);
    else if (isBadge(said)) onBadge(said.replace(/^@B/i, ''));
    else void find(said).then((found) => (found === null ? setHand({ ...hand, says: `No tool ${said} hangs here. Read its number again.` }) : onTool(found)));
  };
  const onBack = (done: ToolOnBoard | null) => {
    setBack(null);
    setHand(done === null ? EMPTY : { ...EMPTY, says: `${done.code} hangs here again.` });
  };
  return { text, setText, hand, lending, onScan, back, onBack };
}
