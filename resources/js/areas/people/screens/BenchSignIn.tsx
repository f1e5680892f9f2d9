import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { type BadgeAndPin, signInAtBench, useSession, useSetSession, wasTaken } from '@/api/session';
import type { Session } from '@/api/types';
import { sentenceOf, wantsOwn } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { useTheme } from '@/ui/theme';
import { SignInSheet } from '../SignInSheet';

/** What the bench's own count has come to: the sitting before ends there, and what it still holds stays its own. */
type Props = { lastSeq: () => Promise<number | null> };

/** Badge and PIN, at an enrolled bench. */
export function BenchSignIn({ lastSeq }: Props) {
  useTheme();
  const session = useSession().data;
  if (session && !session.device) return <NotEnrolled shop={session.shop.name} />;
  return <BadgeAndPin session={session} lastSeq={lastSeq} />;
}

function BadgeAndPin({ session, lastSeq }: Props & { session: Session | undefined }) {
  const setSession = useSetSession();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const signIn = useMutation({
    mutationFn: (given: BadgeAndPin) => signInAtBench(given, lastSeq),
    onSuccess: (next) => {
      setSession(next);
      void navigate(params.get('then') ?? '/bench', { replace: true });
    },
  });
  return (
    <SignInSheet title={`At ${session?.device?.name ?? 'the bench'}`} shop={session?.shop.name ?? ''}>
      <BadgePin
        done="Sign in"
        busy={signIn.isPending}
        error={signIn.isError && !wantsOwn(signIn.error) ? sentenceOf(signIn.error) : ''}
        onDone={async (badge, pin, own) => wasTaken(signIn.mutateAsync({ badge, pin, ...(own === undefined ? {} : { new_pin: own }) }))}
      />
      <p className="mt-5 text-soft">
        <Link className="underline" to="/sign-in">
          At a desk instead
        </Link>
      </p>
    </SignInSheet>
  );
}

function NotEnrolled({ shop }: { shop: string }) {
  return (
    <SignInSheet title="This browser is no bench yet" shop={shop}>
      <p className="text-soft">A lead signs in at the desk with this browser, opens People and enrols it. Then badges and PINs work here.</p>
      <p className="mt-4">
        <Link className="underline" to="/sign-in">
          Sign in at a desk
        </Link>
      </p>
    </SignInSheet>
  );
}
