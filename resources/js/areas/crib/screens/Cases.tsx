import { Link } from 'react-router';
import type { CaseLine } from '@/api/types';
import { calendarDay, count, day } from '@/lib/typeset';
import { useZone } from '@/api/session';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { useCases } from '../queries';

/** Every look-back case: those that want a decision, then the rest. */
export function Cases() {
  const query = useCases();
  return (
    <main className="grow px-7 pt-4 pb-7">
      <h1 className="text-2xl">Look-back cases</h1>
      <Loaded query={query}>
        {({ cases }) =>
          cases.length === 0 ? (
            <Empty>
              A tool that fails as it is found, fails its check, breaks or is lost opens a case by itself: what it did since it was last good is judged again.
              There is none.
            </Empty>
          ) : (
            <Table cases={cases} />
          )
        }
      </Loaded>
    </main>
  );
}

const STATES: Record<CaseLine['state'], string> = { judging: 'is being judged', open: 'open', closed: 'closed' };

function Table({ cases }: { cases: CaseLine[] }) {
  const zone = useZone();
  return (
    <table className="mt-3 w-full">
      <TableHead
        columns={[
          ['case', 'w-20'],
          'what was found',
          ['engines', 'text-right'],
          ['results', 'text-right'],
          ['in doubt since', 'pl-6'],
          'opened',
          'how it stands',
        ]}
      />
      <tbody>
        {cases.map((c) => (
          <tr key={c.number} className={`h-11 border-b border-hair ${c.state === 'closed' ? 'text-soft' : ''}`}>
            <td>
              <Link to={`/crib/cases/${String(c.number)}`} className="font-semibold">
                {c.number}
              </Link>
            </td>
            <td>{c.says}</td>
            <td className="text-right">{c.counts.engines}</td>
            <td className="text-right">{c.counts.results.toLocaleString('en-GB')}</td>
            <td className="pl-6">{c.since === null ? 'ever' : calendarDay(c.since)}</td>
            <td>{c.opened_at === null ? '' : day(c.opened_at, zone)}</td>
            <td className={c.left > 0 ? 'font-semibold' : ''}>{c.left > 0 ? `${count(c.left, 'engine')} without a decision` : STATES[c.state]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
