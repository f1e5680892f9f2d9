import { answerOf, api } from '@/api/client';
import type { JointEstimate } from '@/api/types';
import { HEADS } from '@/lib/fields';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { CONDITIONS } from '../choices';
import { AttachPanel } from './AttachPanel';
import { Asking } from './Asking';
import { ClampPlot } from './ClampPlot';
import { useAsked } from './useAsked';

const FIELDS = ['thread', 'strength', 'condition', 'torque', 'angle', 'head', 'bearing', 'hole', 'grip', 'shank_length', 'shank_diameter', 'members'] as const;

const question = (asked: Record<string, string>) => ({
  ...Object.fromEntries(FIELDS.map((f) => [f, asked[f] || null])),
  thread: asked.thread || null,
});

/** What a torque, and an angle after it, do to a joint. */
export function JointCalculator() {
  const { bind, put, form, ask, answer, some } = useAsked('joint', FIELDS, (asked) =>
    answerOf(api.POST('/library/workbench/joint', { body: question(asked) })),
  );
  return (
    <Asking
      onAsk={ask}
      some={some}
      answer={answer}
      empty="Write a thread, its class, what is on it and a torque; the rest makes the estimate better. What comes out is an estimate from friction values, never a specification."
      form={
        <>
          <div className="grid grid-cols-2 gap-3">
            <Field label="Thread" {...bind('thread')} placeholder="M10x1.25" />
            <Field label="Class or grade" {...bind('strength')} placeholder="10.9" />
            <Field label="Torque" {...bind('torque')} placeholder="45 N·m" />
            <Field label="Angle after it" {...bind('angle')} placeholder="90°" />
          </div>
          <Choice label="On the threads" value={form.condition ?? ''} onChange={put('condition')} placeholder="what is on them" options={CONDITIONS} />
          <Choice label="Head" value={form.head ?? ''} onChange={put('head')} placeholder="its shape" options={HEADS} />
          <div className="grid grid-cols-2 gap-3">
            <Field label="Bearing face, outer ⌀" {...bind('bearing')} placeholder="14.6 mm" />
            <Field label="Hole ⌀" {...bind('hole')} placeholder="11 mm" />
            <Field label="Clamped length" {...bind('grip')} placeholder="60 mm" />
            <Field label="Members of" {...bind('members')} placeholder="steel" />
            <Field label="Shank length" {...bind('shank_length')} placeholder="42 mm" />
            <Field label="Shank ⌀" {...bind('shank_diameter')} placeholder="10 mm" />
          </div>
        </>
      }
    >
      {(estimate) => <Outcome estimate={estimate} />}
    </Asking>
  );
}

function Outcome({ estimate: e }: { estimate: JointEstimate }) {
  return (
    <div>
      <div>
        {e.sentences.map((s, i) => (
          <p key={s} className={i === 0 ? 'text-xl font-semibold' : 'mt-1'}>
            {s}
          </p>
        ))}
        {e.curve.length > 0 && (
          <div className="mt-4">
            <ClampPlot estimate={e} />
          </div>
        )}
        {e.assumptions.length > 0 && (
          <>
            <h2 className="mt-5 text-lg">What this rests on</h2>
            <ul className="mt-1 list-disc pl-5 text-soft">
              {e.assumptions.map((a) => (
                <li key={a}>{a}</li>
              ))}
            </ul>
          </>
        )}
        <div className="mt-5">
          <AttachPanel quantity="" value="" evidence={e.sentences.join(' ')} />
        </div>
      </div>
      <aside className="mt-6 grid gap-8 sm:grid-cols-2">
        {e.surfaces.length > 0 && <OtherSurfaces surfaces={e.surfaces} />}
        {e.published.length > 0 && <Published published={e.published} />}
      </aside>
    </div>
  );
}

function OtherSurfaces({ surfaces }: { surfaces: JointEstimate['surfaces'] }) {
  return (
    <section>
      <h2 className="text-lg">The same torque with something else on it</h2>
      <table className="mt-1 w-full">
        <tbody>
          {surfaces.map((s) => (
            <tr key={s.condition} className="h-8 border-b border-hair">
              <td>{s.condition}</td>
              <td className="text-right">{s.clamp_kn.toFixed(1)} kN</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Published({ published }: { published: JointEstimate['published'] }) {
  return (
    <section>
      <h2 className="text-lg">Published near by</h2>
      <ul className="mt-1">
        {published.map((p) => (
          <li key={p.quantity + p.value} className="border-b border-hair py-1.5">
            {p.quantity}: <b>{p.value}</b>
            <span className="block text-sm text-soft">
              {p.source}, {p.confidence}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
