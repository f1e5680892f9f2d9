import type { ReactNode } from 'react';

export type Step = { key: string; title: string; about: string; state: 'done' | 'open' | 'later' | 'not_needed' };

type Props = { steps: Step[]; now: string; about: string; foot?: string; onChoose?: (key: string) => void; children: ReactNode };

/** The steps of a shop that begins, and the one that one is at. */
export function FirstFrame({ steps, now, about, foot, onChoose, children }: Props) {
  return (
    <div className="grid grow md:grid-cols-[23rem_minmax(0,1fr)]">
      <nav aria-label="First steps" className="border-r border-line px-7 py-5">
        <h1 className="text-2xl font-semibold">A shop of your own</h1>
        <p className="mt-1 mb-3 text-[15px] text-soft">{about}</p>
        <ol>
          {steps.map((step) => (
            <li key={step.key} className="border-b border-hair">
              <Entry step={step} now={step.key === now} onChoose={onChoose} />
            </li>
          ))}
        </ol>
        {foot !== undefined && <p className="mt-4 text-[15px] text-soft">{foot}</p>}
      </nav>
      <main className="px-7 py-6 md:px-11">{children}</main>
    </div>
  );
}

const SAID = { done: '', open: '', later: 'you said later; it stands under Today', not_needed: 'you said it is not needed' };

function Entry({ step, now, onChoose }: { step: Step; now: boolean; onChoose: Props['onChoose'] }) {
  const body = (
    <>
      <Sign state={now ? 'now' : step.state} />
      <span>
        <b className={`block font-semibold ${now ? 'text-now' : ''}`}>{step.title}</b>
        <span className="text-[15px] text-soft">{SAID[step.state] === '' ? step.about : SAID[step.state]}</span>
      </span>
    </>
  );
  const face = 'grid w-full grid-cols-[1.9rem_1fr] items-start py-3 text-left';
  if (!onChoose) return <div className={face}>{body}</div>;
  return (
    <button type="button" className={face} aria-current={now ? 'step' : undefined} onClick={() => onChoose(step.key)}>
      {body}
    </button>
  );
}

/** Done is a stroke of paint; what is at hand is full; what can wait is dotted. */
function Sign({ state }: { state: Step['state'] | 'now' }) {
  const ring = { cx: 10, cy: 10, r: 7.5, fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.5 };
  return (
    <svg viewBox="0 0 20 20" width={20} height={20} className="mt-0.5" aria-hidden="true">
      {state === 'done' && <path d="M2.5 11.5 L8 17 L18 4" fill="none" stroke="var(--paint)" strokeWidth={3.6} strokeLinecap="round" strokeLinejoin="round" />}
      {state === 'now' && <circle cx={10} cy={10} r={8} fill="var(--now)" />}
      {state === 'open' && <circle {...ring} />}
      {state === 'later' && <circle {...ring} strokeDasharray="3 2.4" />}
      {state === 'not_needed' && <path d="M3 10 H17" stroke="var(--ink-soft)" strokeWidth={2} />}
    </svg>
  );
}
