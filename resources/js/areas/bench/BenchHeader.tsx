import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useMe, useSession, useSignOut } from '@/api/session';
import { SignOut } from '@/ui/SignOut';
import { useTheme } from '@/ui/theme';
import { useOutbox } from './useOutbox';

/**
 * The bench's top edge: what is worked at, who is here, and the way off. Where it is narrow the name gives way first;
 * upright the look is changed on the hook, not within a run.
 */
export function BenchHeader({ children, back }: { children: ReactNode; back?: boolean }) {
  const me = useMe();
  const device = useSession().data?.device;
  const { outbox } = useOutbox();
  const { theme, flip } = useTheme();
  const signOut = useSignOut(async () => ({ last_device_seq: (await outbox?.lastSeq()) ?? null }));
  const big = 'flex h-full items-center px-4 font-semibold underline decoration-hair underline-offset-4';
  return (
    <header className="flex h-14 shrink-0 items-center justify-between gap-4 border-b border-line pl-7">
      <div className="flex items-baseline gap-5 overflow-hidden whitespace-nowrap">{children}</div>
      <div className="flex h-full min-w-0 shrink-[999] items-center whitespace-nowrap text-soft">
        <span className="truncate px-2">
          {me.name}, {device?.name}
        </span>
        <button type="button" className={`${big} ${back ? 'portrait:hidden' : ''}`} onClick={flip}>
          {theme === 'light' ? 'Dark' : 'Light'}
        </button>
        {back && (
          <Link to="/bench" className={big}>
            My hook
          </Link>
        )}
        <SignOut error={signOut.error} busy={signOut.isPending} className={`${big} pr-7`} onSignOut={() => signOut.mutate()} />
      </div>
    </header>
  );
}
