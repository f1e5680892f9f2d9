import type { Source, Standard } from '@/api/types';
import { type Doc, changed, keyAmong, without } from '@/lib/document';
import { Cell } from '@/ui/Cell';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { RemoveButton } from '@/ui/RemoveButton';
import { useSources } from '../queries';
import type { Editing } from './editor';

type Window = NonNullable<Doc['window_standards']>[number];
type Registers = { sources: Source[]; standards: Standard[] };

/** Takes a standard over, and cites the paper it stands in where that is not cited yet. */
function withStandard(doc: Doc, standard: Standard, sources: Source[]): Doc {
  const cited = doc.sources.find((s) => s.record === standard.source);
  const source = cited ?? paperOf(standard, sources, keyAmong(standard.source, doc.sources));
  const windows = doc.window_standards ?? [];
  const used = {
    key: keyAmong(`w_${standard.quantity}`, windows),
    quantity: standard.quantity,
    tolerance: standard.tolerance,
    source: source.key,
    record: standard.code,
    ...(standard.risk_class === '' ? {} : { risk_class: standard.risk_class }),
    ...(standard.tool === '' ? {} : { tool: standard.tool }),
  };
  return { ...doc, sources: cited ? doc.sources : [...doc.sources, source], window_standards: [...windows, used] };
}

function paperOf(standard: Standard, sources: Source[], key: string): Doc['sources'][number] {
  const paper = sources.find((s) => s.code === standard.source);
  const printed = { title: paper?.title ?? standard.source, edition: paper?.edition ?? '', date: paper?.date ?? '' };
  return { key, kind: 'window_standard', ...printed, page: '1', record: standard.source };
}

/** The shop's windows for figures that are printed bare, taken from its approved standards. */
export function WindowsForm({ doc, edit }: Editing) {
  const { sources, standards }: Registers = useSources().data ?? { sources: [], standards: [] };
  const take = (code: string) => {
    const standard = standards.find((s) => s.code === code);
    if (standard) edit('standard', (d) => withStandard(d, standard, sources));
  };
  const windows = (what: string, change: (all: Window[]) => Window[]) => edit(what, (d) => ({ ...d, window_standards: change(d.window_standards ?? []) }));
  return (
    <section>
      <h2 className="text-lg">Window standards used</h2>
      <table className="mt-1 w-full">
        <tbody>
          {(doc.window_standards ?? []).map((w) => (
            <WindowRow
              key={w.key}
              window={w}
              onTolerance={(tolerance) => windows(`standard ${w.key}`, (all) => changed(all, w.key, (o) => ({ ...o, tolerance })))}
              onRemove={() => windows('standard', (all) => without(all, w.key))}
            />
          ))}
        </tbody>
      </table>
      <div className="mt-2">
        <SelectWithButton
          className="w-110"
          label="The shop’s window standards"
          verb="Use it"
          onDo={take}
          options={standards.map((s) => ({ value: s.code, text: `${s.code}: ${s.quantity} ± ${s.tolerance}${s.state === 'approved' ? '' : ', not signed'}` }))}
        />
      </div>
    </section>
  );
}

type RowProps = { window: Window; onTolerance: (tolerance: string) => void; onRemove: () => void };

/** What is on record is changed there and nowhere else. */
function WindowRow({ window: w, onTolerance, onRemove }: RowProps) {
  return (
    <tr className="border-b border-hair">
      <td className="py-1.5 font-semibold">{w.record ?? w.key}</td>
      <td>{w.quantity}</td>
      <td>{w.record === undefined ? <Cell label={`Tolerance of ${w.key}`} value={w.tolerance} onType={onTolerance} /> : `± ${w.tolerance}`}</td>
      <td className="text-right">
        <RemoveButton label={`Take window standard ${w.record ?? w.key} out`} onClick={onRemove} />
      </td>
    </tr>
  );
}
