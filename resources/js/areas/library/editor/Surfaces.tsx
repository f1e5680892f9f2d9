import { Fragment } from 'react';
import { recordedSurface, withField } from '@/lib/document';
import { SURFACE_GROUPS, choicesAt } from '@/lib/fields';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { CONDITIONS, SURFACES } from '../choices';
import { FieldGrid } from '@/ui/FieldGrid';
import type { Editing } from './editor';

/** What is on the contact surfaces: the same torque on another condition is another clamp load. */
export function Surfaces({ doc, edit }: Pick<Editing, 'doc' | 'edit'>) {
  const change = (at: number, field: string) => (value: unknown) => {
    edit(`surface ${String(at)} ${field}`, (d) => ({
      ...d,
      surfaces: d.surfaces.map((s, i) => (i === at ? recordedSurface(d, withField(s, field, value)) : s)),
    }));
  };
  return (
    <section>
      <h2 className="text-lg">Surfaces</h2>
      <table className="mt-1 w-full">
        <tbody>
          {doc.surfaces.map((s, i) => (
            <Fragment key={i}>
              <tr>
                <td className="pr-1">
                  <Select label={`Surface ${String(i + 1)}`} hideLabel value={s.surface} onValueChange={change(i, 'surface')} options={SURFACES} />
                </td>
                <td className="pr-1">
                  <Select
                    label={`What is on surface ${String(i + 1)}`}
                    hideLabel
                    value={s.condition}
                    onValueChange={change(i, 'condition')}
                    options={CONDITIONS}
                  />
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
                  <RemoveButton
                    label={`Take surface ${String(i + 1)} out`}
                    onClick={() => edit('surface', (d) => ({ ...d, surfaces: d.surfaces.filter((_, at) => at !== i) }))}
                  />
                </td>
              </tr>
              {doc.groups.length > 1 && (
                <tr>
                  <td colSpan={4} className="pb-2">
                    <FieldGrid fields={[SURFACE_GROUPS]} of={s} choices={choicesAt(doc)} onPut={(field, value) => change(i, field)(value)} />
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
      <AddButton
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
