import { newKey } from '@/lib/document';
import { Cell } from '@/ui/Cell';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { RemoveButton } from '@/ui/RemoveButton';
import { useSources } from '../queries';
import type { Editing } from './editor';

/** The shop's windows for figures that are printed bare, taken from its approved standards. */
export function WindowsForm({ doc, edit }: Editing) {
  const registers = useSources().data;
  const standards = registers?.standards ?? [];
  const take = (code: string) => {
    const standard = standards.find((s) => s.code === code);
    if (!standard) return;
    edit('standard', (d) => {
      const paper = registers?.sources.find((s) => s.code === standard.source);
      const cited = d.sources.find((s) => s.record === standard.source);
      const key =
        cited?.key ??
        newKey(
          standard.source,
          d.sources.map((s) => s.key),
        );
      const source = {
        key,
        kind: 'window_standard',
        title: paper?.title ?? standard.source,
        edition: paper?.edition ?? '',
        date: paper?.date ?? '',
        page: '1',
        record: standard.source,
      };
      return {
        ...d,
        sources: cited ? d.sources : [...d.sources, source],
        window_standards: [
          ...(d.window_standards ?? []),
          {
            key: newKey(
              `w_${standard.quantity}`,
              (d.window_standards ?? []).map((w) => w.key),
            ),
            quantity: standard.quantity,
            tolerance: standard.tolerance,
            source: key,
            record: standard.code,
            ...(standard.risk_class === '' ? {} : { risk_class: standard.risk_class }),
            ...(standard.tool === '' ? {} : { tool: standard.tool }),
          },
        ],
      };
    });
  };
  return (
    <section>
      <h2 className="text-lg">Window standards used</h2>
      <table className="mt-1 w-full">
        <tbody>
          {(doc.window_standards ?? []).map((w) => (
            <tr key={w.key} className="border-b border-hair">
              <td className="py-1.5 font-semibold">{w.record ?? w.key}</td>
              <td>{w.quantity}</td>
              <td>
                {w.record === undefined ? (
                  <Cell
                    label={`Tolerance of ${w.key}`}
                    value={w.tolerance}
                    onType={(v) => {
                      edit(`standard ${w.key}`, (d) => ({
                        ...d,
                        window_standards: (d.window_standards ?? []).map((o) => (o.key === w.key ? { ...o, tolerance: v } : o)),
                      }));
                    }}
                  />
                ) : (
                  `± ${w.tolerance}`
                )}
              </td>
              <td className="text-right">
                <RemoveButton
                  label={`Take window standard ${w.record ?? w.key} out`}
                  onClick={() => edit('standard', (d) => ({ ...d, window_standards: (d.window_standards ?? []).filter((o) => o.key !== w.key) }))}
                />
              </td>
            </tr>
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
