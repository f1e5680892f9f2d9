import { withField } from '@/lib/document';
import { Another } from '@/ui/Another';
import { Cell } from '@/ui/Cell';
import { Pick } from '@/ui/Pick';
import { Remove } from '@/ui/Remove';
import { CONDITIONS, SURFACES } from '../choices';
import type { Editing } from './editor';

/** What is on the contact surfaces: the same torque on another condition is another clamp load. */
export function Surfaces({ doc, edit }: Pick<Editing, 'doc' | 'edit'>) {
  const change = (at: number, field: string) => (value: string) => {
    edit(`surface ${String(at)} ${field}`, (d) => ({ ...d, surfaces: d.surfaces.map((s, i) => (i === at ? withField(s, field, value) : s)) }));
  };
  return (
    <section>
      <h2 className="text-lg">Surfaces</h2>
      <table className="mt-1 w-full">
        <tbody>
          {doc.surfaces.map((s, i) => (
            <tr key={i}>
              <td className="pr-1">
                <Pick label={`Surface ${String(i + 1)}`} hideLabel value={s.surface} onPick={change(i, 'surface')} options={SURFACES} />
              </td>
              <td className="pr-1">
                <Pick label={`What is on surface ${String(i + 1)}`} hideLabel value={s.condition} onPick={change(i, 'condition')} options={CONDITIONS} />
              </td>
              <td className="w-44">
                <Cell
                  label={`Working time on surface ${String(i + 1)}`}
                  placeholder="done within, 15 min"
                  value={typeof s.working_time === 'string' ? s.working_time : ''}
                  onType={change(i, 'working_time')}
                />
              </td>
              <td className="w-8">
                <Remove
                  label={`Take surface ${String(i + 1)} out`}
                  onClick={() => {
                    edit('surface', (d) => ({ ...d, surfaces: d.surfaces.filter((_, at) => at !== i) }));
                  }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Another
        text="Another surface"
        onAdd={() => {
          edit('surface', (d) => ({
            ...d,
            surfaces: [...d.surfaces, { surface: d.surfaces.length === 0 ? 'threads' : 'under head', condition: 'engine oil' }],
          }));
        }}
      />
    </section>
  );
}
