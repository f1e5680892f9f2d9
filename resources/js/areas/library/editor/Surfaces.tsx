import { type Doc, recordedSurface, withField } from '@/lib/document';
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
  const change = (at: number, field: string, value: unknown) => {
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
            <OneSurface
              key={i}
              doc={doc}
              surface={s}
              no={i + 1}
              onPut={(field, value) => change(i, field, value)}
              onRemove={() => edit('surface', (d) => ({ ...d, surfaces: d.surfaces.filter((_, at) => at !== i) }))}
            />
          ))}
        </tbody>
      </table>
      <AddButton text="Another surface" onAdd={() => edit('surface', addSurface)} />
    </section>
  );
}

/** The threads first, then what is under the head; how it is, somebody says. */
function addSurface(doc: Doc): Doc {
  return { ...doc, surfaces: [...doc.surfaces, { surface: doc.surfaces.length === 0 ? 'threads' : 'under head', condition: '' }] };
}

type SurfaceProps = { doc: Doc; surface: Doc['surfaces'][number]; no: number; onPut: (field: string, value: unknown) => void; onRemove: () => void };

function OneSurface({ doc, surface: s, no, onPut, onRemove }: SurfaceProps) {
  const put = (field: string) => (value: string) => onPut(field, value);
  return (
    <>
      <tr>
        <td className="pr-1">
          <Select label={`Surface ${String(no)}`} hideLabel value={s.surface} onValueChange={put('surface')} options={SURFACES} />
        </td>
        <td className="pr-1">
          <Select
            label={`What is on surface ${String(no)}`}
            hideLabel
            value={s.condition}
            onValueChange={put('condition')}
            options={[{ value: '', text: 'not said yet' }, ...CONDITIONS]}
          />
        </td>
        <td className="w-44">
          <Cell
            label={`Working time on surface ${String(no)}`}
            placeholder="done within, 15 min"
            value={typeof s.working_time === 'string' ? s.working_time : ''}
            onType={put('working_time')}
          />
        </td>
        <td className="w-8">
          <RemoveButton label={`Take surface ${String(no)} out`} onClick={onRemove} />
        </td>
      </tr>
      {doc.groups.length > 1 && (
        <tr>
          <td colSpan={4} className="pb-2">
            <FieldGrid fields={[SURFACE_GROUPS]} of={s} choices={choicesAt(doc)} onPut={onPut} />
          </td>
        </tr>
      )}
    </>
  );
}
