import { withInner } from '@/lib/document';
import { MARK_FIELDS, STROKE_FIELDS, choicesAt } from '@/lib/fields';
import { FieldGrid } from '@/ui/FieldGrid';
import { type Thing, ThingList, thingsOf } from '@/ui/ThingList';
import { Titled } from './Titled';
import type { Editing } from './editor';

/** When the metal is marked, and where there are several strokes, which stands for which round and crosses which. */
export function Marks({ doc, edit }: Pick<Editing, 'doc' | 'edit'>) {
  const choices = choicesAt(doc);
  const marks = (doc.marks ?? {}) as Thing;
  return (
    <Titled title="Marks on the metal">
      <FieldGrid
        fields={MARK_FIELDS}
        of={marks}
        choices={choices}
        onPut={(field, value) => edit(`marks ${field}`, (d) => withInner(d, 'marks', field, value))}
      />
      <div className="mt-3">
        <ThingList
          empty="One stroke, after the last round. Where there are several, each stands for its round and may cross another."
          another="A stroke for a round of its own"
          one="stroke"
          columns="grid-cols-4"
          fields={STROKE_FIELDS}
          things={thingsOf(marks.strokes)}
          choices={choices}
          onChange={(what, next) => edit(`strokes ${what}`, (d) => withInner(d, 'marks', 'strokes', next))}
          fresh={() => ({ after: '', looks: '' })}
        />
      </div>
    </Titled>
  );
}
