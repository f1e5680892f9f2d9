import { useNavigate } from 'react-router';
import { useSignOut } from '@/api/session';
import { Panel } from '@/ui/Panel';
import { StillIn } from '@/ui/SignOut';
import { useTheme } from '@/ui/theme';
import { BigKey } from './BigKey';
import { useOutbox } from './useOutbox';
import { usePanelKeys } from './usePadKeys';

/** The light, the end of a shift, a value that nobody has said, and the way off. */
export function HookMore({ onClose }: { onClose: () => void }) {
  const { theme, flip } = useTheme();
  const { outbox } = useOutbox();
  const signOut = useSignOut(async () => ({ last_device_seq: (await outbox?.lastSeq()) ?? null }));
  const navigate = useNavigate();
  const hand = () => void navigate('/bench/handover');
  const ask = () => void navigate('/bench/ask');
  usePanelKeys({ '1': flip, '2': hand, '3': () => signOut.mutate(), '4': ask });
  return (
    <Panel title="More" open onClose={onClose} big>
      <div className="grid grid-cols-2 gap-4">
        <BigKey cap="1" onClick={flip}>
          {theme === 'light' ? 'Dark, for the night' : 'Light, for the day'}
        </BigKey>
        <BigKey cap="2" onClick={hand}>
          Hand over the shift
        </BigKey>
        <BigKey cap="3" disabled={signOut.isPending} onClick={() => signOut.mutate()}>
          Sign out
        </BigKey>
        <BigKey cap="4" onClick={ask}>
          Ask for a value
        </BigKey>
      </div>
      <StillIn error={signOut.error} className="mt-3 block text-lg" />
    </Panel>
  );
}
