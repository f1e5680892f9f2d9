import type { RevisionSheet } from '@/api/types';
import { count } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';
import { PictureRow } from './PictureRow';

export function FastenerTable({ types }: { types: RevisionSheet['fastener_types'] }) {
  return (
    <section className="mt-6">
      <h2 className="text-lg">Fasteners</h2>
      <table className="mt-1 w-full">
        <TableHead columns={['fastener', 'where', 'marking', ['across flats', 'text-right'], ['reuse', 'pl-6']]} />
        {types.map((f) => (
          <tbody key={f.key} className="border-b border-hair">
            <tr className="h-9">
              <td className="pr-3 font-semibold">{f.name}</td>
              <td className="pr-3">
                {f.groups}, {count(f.count, 'piece')}
              </td>
              <td>{f.marking}</td>
              <td className="text-right whitespace-nowrap">{f.across_flats}</td>
              <td className="pl-6">{f.reuse}</td>
            </tr>
            {f.pictures.length > 0 && (
              <tr>
                <td colSpan={5}>
                  <PictureRow pictures={f.pictures} />
                </td>
              </tr>
            )}
          </tbody>
        ))}
      </table>
    </section>
  );
}
