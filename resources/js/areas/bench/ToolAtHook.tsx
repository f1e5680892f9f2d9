import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { ToolAtBench } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { useCommand } from '@/ui/useCommand';
import { Failure, Waiting } from '@/ui/states';
import { sentenceOf } from '@/lib/problem';
import { BigKey } from './BigKey';
import { usePanelKeys } from './usePadKeys';

const KEY = ['tool-at-hook'] as const;

type Way = { cap: string; says: string; look?: 'main' | 'plain' | 'fault'; do: () => Promise<ToolAtBench> };

/** A tool scanned at the hook: one takes it, brings it back, or says that it was dropped, as the keeper would. */
export function ToolAtHook({ code, onClose }: { code: string; onClose: () => void }) {
  const query = useQuery({ queryKey: [...KEY, code], queryFn: () => answerOf(api.GET('/bench/tools/{tool}', at(code))), retry: false });
  return (
    <Panel title={query.data === undefined ? code : `${query.data.code}, ${query.data.name}`} open onClose={onClose} big>
      {query.isError && <Failure sentence={sentenceOf(query.error)} />}
      {query.isPending && <Waiting />}
      {query.data !== undefined && <Ways tool={query.data} onDone={onClose} />}
    </Panel>
  );
}

const at = (tool: string) => ({ params: { path: { tool } } });

function waysOf(tool: ToolAtBench): Way[] {
  const bring = (elsewhere: 'none' | 'some' | 'much') => () => answerOf(api.POST('/bench/tools/{tool}/bring', { ...at(tool.code), body: { elsewhere } }));
  const dropped: Way = {
    cap: '9',
    says: 'It was dropped',
    look: 'fault',
    do: () => answerOf(api.POST('/bench/tools/{tool}/chain', { ...at(tool.code), body: { reason: 'dropped' } })),
  };
  if (tool.state === 'out')
    return [
      { cap: '1', says: 'Bring it back; not used elsewhere', look: 'main', do: bring('none') },
      { cap: '2', says: 'Bring it back; used elsewhere, some', do: bring('some') },
      { cap: '3', says: 'Bring it back; used elsewhere, much', do: bring('much') },
      dropped,
    ];
  const take: Way = { cap: '1', says: 'Take it', look: 'main', do: () => answerOf(api.POST('/bench/tools/{tool}/take', at(tool.code))) };
  return [...(tool.why_not === null ? [take] : []), ...(tool.state === 'here' ? [dropped] : [])];
}

function Ways({ tool, onDone }: { tool: ToolAtBench; onDone: () => void }) {
  const command = useCommand((way: Way) => way.do(), KEY);
  const ways = waysOf(tool);
  const go = (way: Way) => command.mutate(way, { onSuccess: onDone });
  usePanelKeys(Object.fromEntries(ways.map((way) => [way.cap, () => go(way)])));
  return (
    <>
      {tool.why_not !== null && <p className={`mb-4 text-xl ${tool.state === 'out' ? '' : 'font-semibold text-fault'}`}>{tool.why_not}</p>}
      <div className="grid grid-cols-2 gap-4">
        {ways.map((way) => (
          <BigKey key={way.cap} cap={way.cap} look={way.look ?? 'plain'} disabled={command.isPending} onClick={() => go(way)}>
            {way.says}
          </BigKey>
        ))}
      </div>
      <Refusal of={command} className="mt-4 text-xl" />
    </>
  );
}
