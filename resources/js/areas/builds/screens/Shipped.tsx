import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Stand } from '@/api/types';
import { count, day } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { Bar } from '../Bars';
import { useStands } from '../queries';

/** Engines that have left, the newest first. */
export function Shipped() {
  const query = useStands('shipped');
  return (
    <main className="px-7 py-5">
      <h1 className="text-2xl">Shipped</h1>
      <Loaded query={query}>
        {({ builds, shown_at_most: most }) =>
          builds.length === 0 ? (
            <Empty>Nothing has left the house yet. What is finished is shipped from its own page, and stands here from then on.</Empty>
          ) : (
            <>
              {builds.length === most && <p className="text-soft">The newest {count(most, 'engine')}. The field at the top finds every other by its serial.</p>}
              <table className="mt-3 w-full">
                <TableHead
                  columns={[
                    'serial',
                    'engine',
                    'customer',
                    'joints',
                    ['came in', 'text-right'],
                    ['finished', 'pl-4 text-right'],
                    ['shipped', 'pl-4 text-right'],
                    '',
                  ]}
                />
                <tbody>
                  {builds.map((build) => (
                    <Row key={build.id} build={build} />
                  ))}
                </tbody>
              </table>
            </>
          )
        }
      </Loaded>
    </main>
  );
}

function Row({ build }: { build: Stand }) {
  const zone = useZone();
  const may = useMay();
  return (
    <tr className="h-11 border-b border-hair">
      <td className="pr-3 font-semibold whitespace-nowrap">
        <Link className="quiet" to={`/builds/${build.id}`}>
          {build.title}
        </Link>
      </td>
      <td className="pr-3">{build.family}</td>
      <td className="pr-3">{build.customer}</td>
      <td>
        <span className="flex gap-[3px]">
          {build.joints.map((joint, i) => (
            <Bar key={i} name={joint.name} as={joint.as} />
          ))}
        </span>
      </td>
      {[build.opened_at, build.finished_at, build.shipped_at].map((at, i) => (
        <td key={i} className="pl-4 text-right whitespace-nowrap text-soft">
          {at === null ? '–' : day(at, zone)}
        </td>
      ))}
      <td className="pl-6 text-right whitespace-nowrap">
        {may('audit') && (
          <Link className="quiet" to={`/audit/${build.id}`}>
            audit sheet
          </Link>
        )}
      </td>
    </tr>
  );
}
