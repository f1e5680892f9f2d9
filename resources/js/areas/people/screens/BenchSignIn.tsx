import { useMutation } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { post } from '@/api/client';
import { useSession, useSetSession } from '@/api/session';
import type { Session } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { useTheme } from '@/ui/theme';
import { SignInSheet } from '../SignInSheet';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'];

/** Badge and PIN, at an enrolled bench, with keys for gloves. */
export function BenchSignIn() {
  useTheme();
  const session = useSession().data;
  if (session && !session.device) return <NotEnrolled shop={session.shop.name} />;
  return <BadgeAndPin session={session} />;
}

function BadgeAndPin({ session }: { session: Session | undefined }) {
  const setSession = useSetSession();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const [badge, setBadge] = useState('');
  const [pin, setPin] = useState('');
  const [asking, setAsking] = useState<'badge' | 'pin'>('badge');
  const signIn = useMutation({
    mutationFn: () => post<Session>('session/bench', { badge: badge.replace(/^@B/, ''), pin }),
    onSuccess: (next) => {
      setSession(next);
      void navigate(params.get('then') ?? '/bench', { replace: true });
    },
    onError: () => {
      setPin('');
    },
  });
  const set = asking === 'badge' ? setBadge : setPin;
  const forward = () => {
    if (asking === 'badge') {
      if (badge !== '') setAsking('pin');
    } else if (pin !== '') signIn.mutate();
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    forward();
  };
  const key = 'h-24 rounded border border-line bg-sheet text-3xl font-semibold active:bg-casting';
  return (
    <SignInSheet title={`At ${session?.device?.name ?? 'the bench'}`} shop={session?.shop.name ?? ''}>
      <form onSubmit={submit} noValidate>
        <label className="mb-1 block text-soft" htmlFor="bench-entry">
          {asking === 'badge' ? 'Badge: scan it or type its number' : `PIN for badge ${badge.replace(/^@B/, '')}`}
        </label>
        <input
          id="bench-entry"
          key={asking}
          autoFocus
          inputMode="numeric"
          autoComplete="off"
          type={asking === 'pin' ? 'password' : 'text'}
          className="h-20 w-full rounded border-2 border-now bg-sheet px-4 text-4xl font-semibold"
          value={asking === 'badge' ? badge : pin}
          onChange={(e) => {
            set(e.target.value);
          }}
        />
        <p role="alert" className="min-h-7 py-1 text-fault">
          {signIn.isError ? sentenceOf(signIn.error) : ''}
        </p>
        <div className="grid grid-cols-3 gap-4">
          {KEYS.map((k) => (
            <button
              key={k}
              type="button"
              className={key}
              onClick={() => {
                set((v) => v + k);
              }}
            >
              {k}
            </button>
          ))}
          <button
            type="button"
            className={`${key} text-xl`}
            onClick={() => {
              if (asking === 'pin' && pin === '') setAsking('badge');
              else set('');
            }}
          >
            {asking === 'pin' && pin === '' ? 'Badge' : 'Clear'}
          </button>
          <button
            type="button"
            className={key}
            onClick={() => {
              set((v) => `${v}0`);
            }}
          >
            0
          </button>
          <button type="submit" disabled={signIn.isPending} className="h-24 rounded border border-now bg-now text-xl font-semibold text-on-now">
            {asking === 'badge' ? 'Next' : 'Sign in'}
          </button>
        </div>
      </form>
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
