import { answerOf, api } from '@/api/client';
import type { AngleTrial } from '@/api/types';
import { expected } from '@/lib/typeset';
import { Field } from '@/ui/Field';
import { Plot, points } from '@/ui/Plot';
import { TextArea } from '@/ui/TextArea';
import { AttachPanel } from './AttachPanel';
import { Asking } from './Asking';
import { useAsked } from './useAsked';

const FIELDS = ['pulls', 'low', 'high', 'graduation'] as const;

/** "50 0.142; 55 0.151" as pairs; what is no number goes to the server as it is, which says so. */
function pulls(text: string): { angle: string; stretch: string }[] {
  return text
    .split(/[\n;]/)
    .map((line) => line.trim().split(/[\s,]+/))
    .filter((parts) => parts[0] !== '' && parts[0] !== undefined)
    .map(([angle = '', stretch = '']) => ({ angle, stretch }));
}

/** Trial pulls: which angle brings the stretch to the middle of its window. */
export function TrialCalculator() {
  const { bind, form, ask, answer, some } = useAsked('trial', FIELDS, ({ pulls: pulled = '', low = '', high = '', graduation = '' }) =>
    answerOf(api.POST('/library/workbench/trial', { body: { pulls: pulls(pulled), low, high, graduation: graduation || '1' } })),
  );
  return (
    <Asking
      onAsk={ask}
      some={some}
      answer={answer}
      empty="Pull a few fasteners to different angles, measure the stretch of each, and write both down: an angle and a stretch to a line. The line through them says which angle meets the middle of the stretch window."
      form={
        <>
          <TextArea label="Pulls: ° and mm of stretch, one to a line" rows={9} {...bind('pulls')} placeholder={'50 0.142\n54 0.149\n60 0.163'} />
          <div className="grid grid-cols-3 gap-3">
            <Field label="good from, mm" {...bind('low')} placeholder="0.145" />
            <Field label="to, mm" {...bind('high')} placeholder="0.160" />
            <Field label="gauge to, °" {...bind('graduation')} placeholder="1" />
          </div>
        </>
      }
    >
      {(trial) => <Outcome trial={trial} pulled={pulls(form.pulls ?? '')} low={Number(form.low)} high={Number(form.high)} />}
    </Asking>
  );
}

type Given = { trial: AngleTrial; pulled: { angle: string; stretch: string }[]; low: number; high: number };

function Outcome({ trial, pulled, low, high }: Given) {
  const inside = expected(trial.share_inside);
  const sentence = `Turn to ${String(trial.chosen)}°: of fasteners like these, ${inside} are expected inside the window.`;
  return (
    <div className="max-w-3xl">
      <p className="text-xl font-semibold">{sentence}</p>
      <p className="mt-1 text-soft">
        The middle of the window is met at {trial.middle.toFixed(1)}°; the line rises {(trial.slope * 10).toFixed(4)} mm per 10°, readings scatter by{' '}
        {trial.s.toFixed(4)} mm about it.{' '}
        {trial.usable
          ? `Angles from ${trial.usable.low.toFixed(1)}° to ${trial.usable.high.toFixed(1)}° keep 95 % of them inside.`
          : 'No angle keeps 95 % of them inside.'}
      </p>
      <div className="mt-4">
        <TrialPlot trial={trial} pulled={pulled} low={low} high={high} label={sentence} />
      </div>
      <div className="mt-4">
        <AttachPanel quantity="angle" value={`${String(trial.chosen)}°`} evidence={`Angle trial of ${String(pulled.length)} pulls. ${sentence}`} />
      </div>
    </div>
  );
}

function TrialPlot({ trial, pulled, low, high, label }: Given & { label: string }) {
  const { band, chosen } = trial;
  const lower = band.map((b): [number, number] => [b.angle, b.low]);
  const upper = band.map((b): [number, number] => [b.angle, b.high]).reverse();
  const line = band.map((b): [number, number] => [b.angle, b.line]);
  return (
    <Plot
      x={{ label: 'angle, °', values: [...band.map((b) => b.angle), chosen] }}
      y={{ label: 'stretch, mm', values: [...band.flatMap((b) => [b.low, b.high]), low, high] }}
      label={label}
      width={720}
      height={360}
    >
      {(x, y) => (
        <>
          <polygon points={points([...lower, ...upper], x, y)} fill="var(--casting)" />
          <polyline points={points(line, x, y)} fill="none" stroke="var(--ink)" strokeWidth={2} />
          {[low, high].map((limit) => (
            <line key={limit} x1={52} x2={706} y1={y(limit)} y2={y(limit)} stroke="var(--ink)" strokeDasharray="7 3" />
          ))}
          <line x1={x(chosen)} x2={x(chosen)} y1={30} y2={320} stroke="var(--now)" strokeWidth={2} />
          {pulled.map((p, i) => (
            <circle key={i} cx={x(Number(p.angle))} cy={y(Number(p.stretch))} r={4.5} fill="var(--ink)" />
          ))}
        </>
      )}
    </Plot>
  );
}
