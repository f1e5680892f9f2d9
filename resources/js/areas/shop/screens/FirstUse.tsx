import { useMutation } from '@tanstack/react-query';
import { type ReactNode, type SyntheticEvent, useState } from 'react';
import { Link, Navigate, useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useSession, useSetSession } from '@/api/session';
import type { FirstUse as Opened, ShopSettings } from '@/api/types';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { Twice, agree } from '@/ui/Twice';
import { useForm } from '@/ui/useForm';
import { useTheme } from '@/ui/theme';
import { ShopForm } from '../ShopForm';
import { FirstFrame, type Step } from '../first/FirstFrame';

type At = 'code' | 'shop' | 'lead';

/** What comes before anybody can sign in; what can wait is listed by the server once somebody is. */
const OWN: { key: At; title: string; about: string }[] = [
  { key: 'code', title: 'The code from the terminal', about: 'good once, on this machine' },
  { key: 'shop', title: 'The shop', about: 'its name, its clock, its units' },
  { key: 'lead', title: 'Who leads', about: 'the first person, with a secret of their own' },
];

/** The very first page of a shop: the code, the shop, who leads it. After that one is signed in. */
export function FirstUse() {
  useTheme();
  const session = useSession().data;
  const [at, setAt] = useState<At>('code');
  const [code, setCode] = useState('');
  const [opened, setOpened] = useState<Opened | null>(null);
  // Kept while one goes back and forth.
  const lead = useForm({ name: '', sign_in_name: '', password: '', again: '' });
  const [shop, setShop] = useState<ShopSettings>({ name: '', time_zone: '', torque_unit: 'N.m', length_unit: 'mm' });
  if (session?.person) return <Navigate replace to="/first-steps" />;
  if (session?.shop.opened) return <AlreadyOpen />;
  const place = OWN.findIndex((step) => step.key === at);
  const steps: Step[] = OWN.map((step, i) => ({ ...step, state: i < place ? 'done' : 'open' }));
  const begin = (typed: string, answer: Opened) => {
    setCode(typed);
    setOpened(answer);
    setShop((now) => ({ ...now, name: now.name || answer.name, time_zone: now.time_zone || Intl.DateTimeFormat().resolvedOptions().timeZone }));
    setAt('shop');
  };
  return (
    <Sheet step={place + 1}>
      <FirstFrame
        steps={steps}
        now={at}
        about="Three steps, and you are in."
        foot="Then who signs, windows, families, people, tools and a bench: each of them can wait."
      >
        {at === 'code' && <TheCode onRight={begin} />}
        {at === 'shop' && <TheShop shop={shop} zones={opened?.zones ?? []} onChange={setShop} onDone={() => setAt('lead')} />}
        {at === 'lead' && <TheLead of={lead} code={code} shop={shop} onBack={() => setAt('shop')} />}
      </FirstFrame>
    </Sheet>
  );
}

function Sheet({ step, children }: { step: number; children: ReactNode }) {
  return (
    <div className="flex min-h-screen flex-col">
      <header className="flex h-[52px] items-center gap-6 border-b border-line px-7">
        <span className="wide text-[22px] font-bold">Tekkal</span>
        <span className="text-soft">your own shop, not the demo: it begins empty, and nothing of the demo comes in</span>
        <span className="ml-auto text-soft">
          step {step} of {OWN.length}
        </span>
      </header>
      {children}
    </div>
  );
}

function AlreadyOpen() {
  return (
    <main className="p-10">
      <h1 className="text-2xl">This shop is open</h1>
      <p className="mt-2 text-soft">
        Its code is used up. <Link to="/sign-in">Sign in</Link>, or ask its lead to add you.
      </p>
    </main>
  );
}

const submitting = (work: () => void) => (event: SyntheticEvent) => {
  event.preventDefault();
  work();
};

function TheCode({ onRight }: { onRight: (code: string, answer: Opened) => void }) {
  const { form, bind } = useForm({ code: '' });
  const look = useMutation({ mutationFn: () => answerOf(api.POST('/first-use/code', { body: form })), onSuccess: (answer) => onRight(form.code, answer) });
  return (
    <form onSubmit={submitting(() => look.mutate())} noValidate className="max-w-xl">
      <h2 className="text-[26px] font-semibold">The code from the terminal</h2>
      <p className="mt-2 mb-5 text-lg">
        Whoever started this shop sees a code at the end of <b className="font-semibold whitespace-nowrap">bin/tekkal start --shop</b>. It shows that you are at
        the machine itself.
      </p>
      <Field label="Code" autoFocus autoComplete="off" spellCheck={false} placeholder="XXXX-XXXX-XXXX" {...bind('code')} />
      <Refusal of={look} className="mt-2" />
      <Button look="main" type="submit" className="mt-5" disabled={look.isPending}>
        Go on
      </Button>
    </form>
  );
}

type ShopProps = { shop: ShopSettings; zones: string[]; onChange: (shop: ShopSettings) => void; onDone: () => void };

function TheShop({ shop, zones, onChange, onDone }: ShopProps) {
  return (
    <form onSubmit={submitting(onDone)} noValidate className="flex max-w-xl flex-col gap-3">
      <h2 className="text-[26px] font-semibold">The shop</h2>
      <p className="mb-2 text-lg">It stands on every sheet that is printed. All of it can be changed later, under People.</p>
      <ShopForm shop={shop} zones={zones} onChange={onChange} />
      <Button look="main" type="submit" className="mt-2 self-start">
        Go on
      </Button>
    </form>
  );
}

type LeadForm = { form: { name: string; sign_in_name: string; password: string; again: string }; bind: ReturnType<typeof useForm<LeadForm['form']>>['bind'] };

function TheLead({ of: { form, bind }, code, shop, onBack }: { of: LeadForm; code: string; shop: ShopSettings; onBack: () => void }) {
  const setSession = useSetSession();
  const navigate = useNavigate();
  const open = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/first-use', { body: { code, shop, lead: { name: form.name, sign_in_name: form.sign_in_name }, password: form.password } })),
    onSuccess: (session) => {
      setSession(session);
      void navigate('/first-steps', { replace: true });
    },
  });
  return (
    <form onSubmit={submitting(() => agree(form.password, form.again) && open.mutate())} noValidate className="flex max-w-xl flex-col gap-3">
      <h2 className="text-[26px] font-semibold">Who leads</h2>
      <p className="mb-2 text-lg">The quality lead keeps the library, the people and the builds. Somebody else signs what the lead writes: that comes next.</p>
      <Field label="Name" autoFocus autoComplete="name" {...bind('name')} />
      <Field label="Signs in as" autoComplete="username" spellCheck={false} {...bind('sign_in_name')} />
      <Twice label="Password, at least 10 characters" autoComplete="new-password" secret={bind('password')} again={bind('again')} />
      <Refusal of={open} />
      <div className="mt-2 flex gap-3">
        <Button look="main" type="submit" disabled={open.isPending || !agree(form.password, form.again)}>
          Open the shop
        </Button>
        <Button onClick={onBack}>Back</Button>
      </div>
    </form>
  );
}
