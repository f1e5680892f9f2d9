import { useMutation, useQuery } from '@tanstack/react-query';
import type { SyntheticEvent } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useSetSession } from '@/api/session';
import type { Welcome as Asked } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { Twice, agree } from '@/ui/Twice';
import { Waiting } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { useTheme } from '@/ui/theme';

/** Somebody opens the link that a lead has handed them. */
export function Welcome() {
  useTheme();
  const token = useParams().token ?? '';
  const asked = useQuery({
    queryKey: ['welcome', token],
    queryFn: () => answerOf(api.GET('/welcome/{token}', { params: { path: { token } } })),
    retry: false,
    staleTime: Infinity,
  });
  return (
    <main className="mx-auto flex min-h-screen max-w-lg flex-col justify-center p-7">
      <p className="wide text-4xl font-bold">Tekkal</p>
      {asked.isError ? (
        <>
          <h1 className="mt-8 text-2xl">This link leads nowhere</h1>
          <p className="mt-2 text-soft">{sentenceOf(asked.error)}</p>
          <p className="mt-4">
            <Link className="underline" to="/sign-in">
              Sign in
            </Link>
          </p>
        </>
      ) : asked.data ? (
        <Choose token={token} asked={asked.data} />
      ) : (
        <Waiting />
      )}
    </main>
  );
}

function Choose({ token, asked }: { token: string; asked: Asked }) {
  const { form, bind } = useForm({ password: '', again: '' });
  const setSession = useSetSession();
  const navigate = useNavigate();
  const set = useMutation({
    mutationFn: () => answerOf(api.POST('/welcome/{token}', { params: { path: { token } }, body: { password: form.password } })),
    onSuccess: (session) => {
      setSession(session);
      void navigate('/', { replace: true });
    },
  });
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    if (agree(form.password, form.again)) set.mutate();
  };
  return (
    <form onSubmit={submit} noValidate className="mt-8 flex flex-col gap-3">
      <h1 className="text-2xl">Welcome, {asked.name}</h1>
      <p className="text-soft">
        {asked.shop}. You sign in as <b className="font-semibold text-ink">{asked.sign_in_name}</b>, with a password that only you know. This link is good once.
      </p>
      <input type="hidden" autoComplete="username" value={asked.sign_in_name ?? ''} readOnly />
      <Twice label="Password, at least 10 characters" autoFocus autoComplete="new-password" secret={bind('password')} again={bind('again')} />
      <Refusal of={set} />
      <Button look="main" type="submit" disabled={set.isPending || !agree(form.password, form.again)}>
        Set it and sign in
      </Button>
    </form>
  );
}
