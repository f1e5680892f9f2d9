import { type Doc, unshown } from '@/lib/document';
import { JsonField } from './JsonField';
import type { Editing } from './editor';

/** The whole document as it is stored, for who would rather write than choose. */
export function TextTab({ doc, edit }: Editing) {
  return (
    <div className="px-7 py-4">
      <p className="mb-2 text-soft">
        The document itself, in the open format: all that the other parts ask for, as text. docs/formats/procedure.md names every field.
      </p>
      <JsonField label="Document" rows={26} value={doc} wrong={unshown} onChange={(next) => edit('text', () => next as Doc)} />
    </div>
  );
}
