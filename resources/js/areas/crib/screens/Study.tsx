import { useState } from 'react';
import { useParams } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { GaugeSpread, GaugeStudy } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { keepStudy, lookAtStudy, useStudies, useStudyCommand } from '../queries';

/** How well a gauge repeats, and how well people agree with it: some parts, measured by some, some times. */
export function Study() {
  const { tool = '' } = useParams();
  const query = useStudies(tool);
  const may = useMay();
  return (
    <main className="grow px-7 pt-4 pb-7">
      <h1 className="text-2xl">Gauge study of {tool}</h1>
      {may('keep-tools') && <NewStudy tool={tool} />}
      <Loaded query={query}>
        {({ studies }) =>
          studies.length === 0 ? <p className="mt-6 text-soft">None is on record yet.</p> : studies.map((s, i) => <Shown key={s.at ?? String(i)} study={s} />)
        }
      </Loaded>
    </main>
  );
}

const EXAMPLE = 'appraiser,part,trial,reading\nA,1,1,0.0123\nA,1,2,0.0124\nB,1,1,0.0123';

function NewStudy({ tool }: { tool: string }) {
  const [text, setText] = useState('');
  const [window, setWindow] = useState('');
  const body = { text, window: window.trim() === '' ? null : window };
  const look = useStudyCommand(() => lookAtStudy(tool, body));
  const keep = useStudyCommand(() => keepStudy(tool, body));
  return (
    <section className="mt-3 grid grid-cols-[1fr_20rem] gap-6">
      <TextArea
        label="2 or 3 appraisers, 2 to 10 parts, 2 or 3 trials each"
        rows={6}
        value={text}
        placeholder={EXAMPLE}
        onChange={(e) => setText(e.target.value)}
      />
      <div className="flex flex-col gap-3">
        <Field label="Width of the window that it is for" placeholder="0.0005 in" value={window} onChange={(e) => setWindow(e.target.value)} />
        <div className="flex gap-3">
          <Button look="main" disabled={look.isPending || text.trim() === ''} onClick={() => look.mutate(undefined)}>
            What it comes to
          </Button>
          <Button disabled={look.data === undefined || keep.isPending} onClick={() => keep.mutate(undefined)}>
            Keep the study
          </Button>
        </div>
        <Refusal of={look} />
        <Refusal of={keep} />
      </div>
      {look.data !== undefined && keep.data === undefined && <Shown study={look.data} />}
    </section>
  );
}

function Shown({ study }: { study: GaugeStudy }) {
  const zone = useZone();
  return (
    <section className="mt-6 max-w-4xl">
      <h2 className="text-lg">
        {study.says} {study.at !== null && <span className="text-[15px] font-normal text-soft">{dayAndTime(study.at, zone)}</span>}
      </h2>
      <table className="mt-1 w-full">
        <TableHead columns={['standard deviations', ['by averages and ranges', 'text-right'], ['by analysis of variance', 'text-right']]} />
        <tbody>
          {ROWS.map(([name, of]) => (
            <tr key={name} className="h-8 border-b border-hair">
              <td>{name}</td>
              <td className="text-right">{of(study.by_range)}</td>
              <td className="text-right">{of(study.by_variance)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[15px] text-soft">
        {study.window !== null && `Held against a window ${study.window.replace('±', '')} wide. `}
        {study.note}
      </p>
    </section>
  );
}

const number = (v: number) => String(Number(v.toPrecision(4)));

const ROWS: readonly (readonly [string, (s: GaugeSpread) => string])[] = [
  ['repeatability (the gauge)', (s) => number(s.repeatability)],
  ['reproducibility (who measures)', (s) => number(s.reproducibility)],
  ['both together', (s) => number(s.gauge)],
  ['parts among each other', (s) => number(s.parts)],
  ['share of the total spread', (s) => `${s.percent.toFixed(1)} %`],
  ['six spreads of the window', (s) => (s.percent_of_window === null ? '–' : `${s.percent_of_window.toFixed(1)} %`)],
  ['classes it tells apart', (s) => (s.distinct >= 99 ? 'more than 98' : String(s.distinct))],
];
