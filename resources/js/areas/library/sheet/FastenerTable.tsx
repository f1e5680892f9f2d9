import type { RevisionSheet } from '@/api/types';
import { count } from '@/lib/typeset';

export function FastenerTable({ types }: { types: RevisionSheet['fastener_types'] }) {
  return (
    <section className="mt-6">
      <h2 className="text-lg">Fasteners</h2>
      <table className="mt-1 w-full">
        <thead>
          <tr className="border-b border-line text-sm">
            <th className="py-1.5">fastener</th>
            <th>where</th>
            <th>marking</th>
            <th className="text-right">across flats</th>
            <th className="pl-6">reuse</th>
          </tr>
        </thead>
        <tbody>
          {types.map((f) => (
            <tr key={f.key} className="h-9 border-b border-hair">
              <td className="pr-3 font-semibold">{f.name}</td>
              <td className="pr-3">
                {f.groups}, {count(f.count, 'piece')}
              </td>
              <td>{f.marking}</td>
              <td className="text-right whitespace-nowrap">{f.across_flats}</td>
              <td className="pl-6">{f.reuse}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
