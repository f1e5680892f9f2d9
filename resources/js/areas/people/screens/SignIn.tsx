import { useMutation } from '@tanstack/react-query';
import type { SyntheticEvent } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useSession, useSetSession } from '@/api/session';
import { Problem, sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { useForm } from '@/ui/useForm';
import { useTheme } from '@/ui/theme';
import { SignInSheet } from '../SignInSheet';

/** Name and password, at a desk. */
export function SignIn() {
  useTheme();
  const session = useSession().data;
  return (
    <SignInSheet title="At a desk" shop={session?.shop.name ?? ''}>
      <SignInForm />
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

function SignInForm() {
  const setSession = useSetSession();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const { form, bind } = useForm({ name: '', password: '' });
  const signIn = useMutation({
    mutationFn: () => answerOf(api.POST('/session', { body: form })),
    onSuccess: (next) => {
      setSession(next);
      void navigate(params.get('then') ?? '/', { replace: true });
    },
  });
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    signIn.mutate();
  };
  const refusal = signIn.isError ? sentenceOf(signIn.error) : null;
  const ofName = signIn.error instanceof Problem && signIn.error.field === 'name';
  return (
    <form onSubmit={submit} className="flex flex-col gap-4" noValidate>
      <Field label="Name" autoComplete="username" autoFocus {...bind('name')} error={ofName ? refusal : null} />
      <Field label="Password" type="password" autoComplete="current-password" {...bind('password')} error={ofName ? null : refusal} />
      <Button look="main" type="submit" disabled={signIn.isPending}>
        Sign in
      </Button>
    </form>
  );
}
