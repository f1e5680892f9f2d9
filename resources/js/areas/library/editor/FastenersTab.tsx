import { type Doc, type Fastener, changed, keyAmong, without } from '@/lib/document';
import { choicesAt } from '@/lib/fields';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { FastenerForm } from './FastenerForm';
import { Surfaces } from './Surfaces';
import type { Editing } from './editor';

/** What kinds of fastener there are, what the groups are called, what is on the surfaces. */
export function FastenersTab({ doc, edit }: Editing) {
  const change = (key: string, field: string, next: (f: Fastener) => Fastener) =>
    edit(`fastener ${key} ${field}`, (d) => ({ ...d, fasteners: changed(d.fasteners, key, next) }));
  const choices = choicesAt(doc);
  return (
    <div className="flex flex-col gap-5 px-7 py-4">
      {doc.fasteners.map((f, i) => (
        <FastenerForm
          key={f.key}
          fastener={f}
          no={i + 1}
          choices={choices}
          onChange={(what, next) => change(f.key, what, next)}
          onRemove={() => edit('fastener', (d) => ({ ...d, fasteners: without(d.fasteners, f.key) }))}
        />
      ))}
      <AddButton text={doc.fasteners.length === 0 ? 'A fastener' : 'Another fastener'} onAdd={() => edit('fastener', addFastener)} />
      <Groups doc={doc} edit={edit} />
      <Surfaces doc={doc} edit={edit} />
    </div>
  );
}

/**
 * A new kind of fastener, of which nothing is said yet; and a group of it, since one without the other is of no use, unless
 * the line has named groups that wait for one.
 */
function addFastener(doc: Doc): Doc {
  const key = keyAmong('bolt', doc.fasteners);
  if (doc.groups.some((g) => g.fastener === undefined)) {
    return { ...doc, fasteners: [...doc.fasteners, { key, name: 'bolt' }], groups: doc.groups.map((g) => ({ ...g, fastener: g.fastener ?? key })) };
  }
  const group = keyAmong(doc.groups.length === 0 ? 'all' : 'group', doc.groups);
  return {
    ...doc,
    fasteners: [...doc.fasteners, { key, name: 'bolt' }],
    groups: [...doc.groups, { key: group, name: doc.groups.length === 0 ? 'all' : `group ${String(doc.groups.length + 1)}`, fastener: key }],
  };
}

/** Another group, of the first fastener until that is said. */
function addGroup(doc: Doc): Doc {
  const group = { key: keyAmong('group', doc.groups), name: `group ${String(doc.groups.length + 1)}`, fastener: doc.fasteners[0]?.key ?? '' };
  return { ...doc, groups: [...doc.groups, group] };
}

function Groups({ doc, edit }: Pick<Editing, 'doc' | 'edit'>) {
  const change = (key: string, field: 'name' | 'fastener') => (value: string) =>
    edit(`group ${key} ${field}`, (d) => ({ ...d, groups: changed(d.groups, key, (g) => ({ ...g, [field]: value })) }));
  if (doc.fasteners.length === 0) return null;
  return (
    <section>
      <h2 className="text-lg">Groups</h2>
      <p className="text-sm text-soft">Fasteners that get the same. The tightening line calls them by these names: inner, outer, long.</p>
      <table className="mt-1 w-full">
        <tbody>
          {doc.groups.map((g) => (
            <tr key={g.key}>
              <td className="pr-1">
                <Cell label={`Name of group ${g.key}`} value={g.name} onType={change(g.key, 'name')} />
              </td>
              <td className="pr-1">
                <Select
                  label={`Fastener of group ${g.name}`}
                  hideLabel
                  value={g.fastener ?? ''}
                  onValueChange={change(g.key, 'fastener')}
                  options={doc.fasteners.map((f) => ({ value: f.key, text: f.name }))}
                />
              </td>
              <td className="w-28 text-right whitespace-nowrap text-soft">{doc.map.positions.filter((p) => p.group === g.key).length} on the map</td>
              <td className="w-8">
                <RemoveButton label={`Take group ${g.name} out`} onClick={() => edit('group', (d) => ({ ...d, groups: without(d.groups, g.key) }))} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <AddButton text="Another group" onAdd={() => edit('group', addGroup)} />
    </section>
  );
}
