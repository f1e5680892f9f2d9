import { useMutation } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useSession, useSetSession } from '@/api/session';
import { Problem, sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { useTheme } from '@/ui/theme';
import { SignInSheet } from '../SignInSheet';

/** Name and password, at a desk. */
export function SignIn() {
  useTheme();
  const session = useSession().data;
  const setSession = useSetSession();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const signIn = useMutation({
    mutationFn: () => answerOf(api.POST('/session', { body: { name, password } })),
    onSuccess: (next) => {
      setSession(next);
      void navigate(params.get('then') ?? '/', { replace: true });
    },
  });
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    signIn.mutate();
  };
  const error = signIn.error instanceof Problem ? signIn.error : null;
  return (
    <SignInSheet title="At a desk" shop={session?.shop.name ?? ''}>
      <form onSubmit={submit} className="flex flex-col gap-4" noValidate>
        <Field
          label="Name"
          autoComplete="username"
          autoFocus
          value={name}
          onChange={(e) => setName(e.target.value)}
          error={error?.field === 'name' ? error.sentence : null}
        />
        <Field
          label="Password"
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          error={signIn.isError && error?.field !== 'name' ? sentenceOf(signIn.error) : null}
        />
        <Button look="main" type="submit" disabled={signIn.isPending}>
          Sign in
        </Button>
      </form>
      <p className="mt-6 text-soft">
        {session?.device ? (
          <>
            This browser is {session.device.name}.{' '}
            <Link className="underline" to="/bench/sign-in">
              Sign in at the bench
            </Link>
          </>
        ) : (
          'At a bench? A lead signs in here once and enrols this browser under People.'
        )}
      </p>
    </SignInSheet>
  );
}
