import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BenchView, RunSheet } from '@/api/types';
import { useSignOut } from '@/api/session';
import { Panel } from '@/ui/Panel';
import { StillIn } from '@/ui/SignOut';
import { useTheme } from '@/ui/theme';
import { BigKey } from './BigKey';
import { LeavePanel } from './LeavePanel';
import { PutOffPanel } from './PutOffPanel';
import { endPaper } from './queries';
import { useSoundSwitch } from './sounds';
import { usePanelKeys } from './usePadKeys';
import { type Bench, useObserve } from './useRun';

type Props = {
  bench: Bench;
  sheet: RunSheet;
  view: BenchView;
  /** Do keys lie on the glass now? */
  pad?: boolean;
  onPad?: () => void;
  onTool?: () => void;
  onClose: () => void;
};

/** What one needs seldom: another tool, keys on the glass, the hook, the light, the way off. Parking is always offered. */
export function MorePanel(props: Props) {
  const { bench, sheet, view, onClose } = props;
  const [aside, setAside] = useState<'leaving' | 'end' | null>(null);
  const { ways, signOut } = useWays(props, setAside);
  usePanelKeys(aside ? {} : Object.fromEntries(ways.map(([, work], i) => [String(i + 1), work])));
  if (aside === 'leaving') return <LeavePanel bench={bench} sheet={sheet} onClose={onClose} />;
  if (aside === 'end') return <PutOffPanel bench={bench} view={view} onClose={onClose} />;
  return (
    <Panel title="More" open onClose={onClose} big>
      <div className="grid grid-cols-2 gap-4">
        {ways.map(([says, work], i) => (
          <BigKey key={says} cap={String(i + 1)} onClick={work}>
            {says}
          </BigKey>
        ))}
      </div>
      <StillIn error={signOut.error} className="mt-3 block text-lg" />
    </Panel>
  );
}

function useWays({ bench, sheet, view, pad = false, onPad, onTool, onClose }: Props, setAside: (aside: 'leaving' | 'end') => void) {
  const { theme, flip } = useTheme();
  const sounds = useSoundSwitch();
  const navigate = useNavigate();
  const observe = useObserve(bench);
  const signOut = useSignOut(async () => ({ last_device_seq: (await bench.outbox?.lastSeq()) ?? null }));
  const then = (work: () => void) => () => {
    onClose();
    work();
  };
  const { partner_name: partner, supervisor_name: supervisor } = sheet.holder;
  const typedIn = then(() => bench.command.mutate(endPaper));
  const leaves = then(() => void observe({ type: 'second_person_left' }));
  const ways: Way[] = [
    ...(onTool ? [way('Another tool', then(onTool))] : []),
    ...(onPad ? [way(pad ? 'Put the keys away' : 'Keys on the glass', then(onPad))] : []),
    ...(view.card === null ? [] : [way('The card is typed in', typedIn)]),
    ['Leave it, or hand it over', () => setAside('leaving')],
    [view.put_off.length > 0 ? `Take up what was put off (${String(view.put_off.length)})` : 'What stands before the end', () => setAside('end')],
    ['My hook', () => void navigate('/bench')],
    [theme === 'light' ? 'Dark, for the night' : 'Light, for the day', then(flip)],
    [sounds.on ? 'Sounds off' : 'Sounds on', then(sounds.flip)],
    ['Sign out', () => signOut.mutate()],
    ...(partner === null ? [] : [way(`${partner} leaves`, leaves)]),
    ...(supervisor === null
      ? []
      : [
          way(
            `${supervisor} stands beside it no more`,
            then(() => void observe({ type: 'supervisor_left' })),
          ),
        ]),
  ];
  return { ways, signOut };
}

type Way = [says: string, work: () => void];

const way = (...it: Way): Way => it;
