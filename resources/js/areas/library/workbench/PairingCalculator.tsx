import { answerOf, api } from '@/api/client';
import type { PairingSheet } from '@/api/types';
import { Plot } from '@/ui/Plot';
import { TableHead } from '@/ui/TableHead';
import { TextArea } from '@/ui/TextArea';
import { Asking } from './Asking';
import { useAsked } from './useAsked';

function lengths(text: string): { name: string; length: string }[] {
  return text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const gap = line.search(/\s/);
      return gap < 0 ? { name: line, length: '' } : { name: line.slice(0, gap), length: line.slice(gap).trim() };
    });
}

/** Fasteners measured free, paired so that the two of a rod or a cap are as alike as can be. */
export function PairingCalculator() {
  const { bind, ask, answer, some } = useAsked('pairing', ['lengths'], (a) =>
    answerOf(api.POST('/library/workbench/pairing', { body: { lengths: lengths(a.lengths ?? '') } })),
  );
  return (
    <Asking
      onAsk={ask}
      some={some}
      answer={answer}
      empty="Measure each fastener free and write its name and length down, one to a line. Those that are most alike come together."
      form={<TextArea label="Name and free length with its unit, one to a line" rows={14} {...bind('lengths')} placeholder={'a 2.4375 in\nb 2.4381 in'} />}
    >
      {(sheet) => (
        <div className="grid max-w-4xl gap-8 lg:grid-cols-2">
          <section>
            <p className="text-xl font-semibold">
              {sheet.pairs.length} pairs, differences {sheet.total_um.toFixed(1)} µm in all
            </p>
            {sheet.left_over !== null && <p className="mt-1 text-fault">{sheet.left_over} is left over.</p>}
            <table className="mt-3 w-full">
              <TableHead columns={['pair', ['difference, µm', 'text-right']]} />
              <tbody>
                {sheet.pairs.map((p) => (
                  <tr key={p.names.join()} className="h-9 border-b border-hair">
                    <td className="font-semibold">{p.names.join(' with ')}</td>
                    <td className="text-right">{p.difference_um.toFixed(1)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <PairPlot sheet={sheet} />
        </div>
      )}
    </Asking>
  );
}

/** Lengths on one axis, a bow from each to its partner. */
function PairPlot({ sheet }: { sheet: PairingSheet }) {
  const at = (name: string) => sheet.lengths_mm.find((l) => l.name === name)?.mm ?? 0;
  return (
    <Plot
      x={{ label: 'free length, mm', values: sheet.lengths_mm.map((l) => l.mm) }}
      y={{ label: '', values: [0, 1] }}
      label="Free lengths and who is paired with whom"
      bare
      width={460}
      height={220}
    >
      {(x, y) => (
        <>
          {sheet.pairs.map(({ names: [a = '', b = ''] }) => {
            const [from, to] = [x(at(a)), x(at(b))];
            return (
              <path
                key={a + b}
                d={`M${String(from)} ${String(y(0.02))} Q${String((from + to) / 2)} ${String(y(0.55))} ${String(to)} ${String(y(0.02))}`}
                fill="none"
                stroke="var(--now)"
                strokeWidth={1.6}
              />
            );
          })}
          {sheet.lengths_mm.map((l) => (
            <circle key={l.name} cx={x(l.mm)} cy={y(0.02)} r={4} fill={l.name === sheet.left_over ? 'var(--fault)' : 'var(--ink)'}>
              <title>{`${l.name}, ${String(l.mm)} mm`}</title>
            </circle>
          ))}
        </>
      )}
    </Plot>
  );
}
