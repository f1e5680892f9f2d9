import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { Stop } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { useStops } from '../queries';

/** Everything that is stopped, and was; those in force first. */
export function Stops() {
  return (
    <main className="grow px-7 pt-5 pb-8">
      <h1 className="text-2xl">Stopped for everybody</h1>
      <p className="mt-1 text-soft">
        A procedure is stopped on its page in the <Link to="/library">library</Link>, a tool or a lot on its page in the <Link to="/crib">crib</Link>.
      </p>
      <Loaded query={useStops()}>
        {({ stops }) => (stops.length === 0 ? <Empty>Nothing was ever stopped.</Empty> : <Table stops={inForceFirst(stops)} />)}
      </Loaded>
    </main>
  );
}

const inForceFirst = (stops: Stop[]) => [...stops.filter((s) => s.lifted === null), ...stops.filter((s) => s.lifted !== null)];

function Table({ stops }: { stops: Stop[] }) {
  const zone = useZone();
  return (
    <table className="mt-4 w-full text-[15px]">
      <TableHead columns={['stop', 'what', 'why', 'stopped', ['how it stands', 'text-right']]} />
      <tbody>
        {stops.map((stop) => (
          <tr key={stop.number} className={`h-10 border-b border-hair ${stop.lifted === null ? '' : 'text-soft'}`}>
            <td className="pr-4">{stop.number}</td>
            <td className="pr-6 font-semibold">
              <Link to={`/stops/${String(stop.number)}`}>{stop.title}</Link>
            </td>
            <td className="max-w-md py-2 pr-6">{stop.reason}</td>
            <td className="pr-6 whitespace-nowrap">
              {dayAndTime(stop.at, zone)}, {stop.by}
            </td>
            <td className={`text-right whitespace-nowrap ${stop.lifted === null ? 'font-semibold text-fault' : ''}`}>
              {stop.lifted !== null ? `lifted by ${stop.lifted.by}` : stop.asked !== null ? `${stop.asked.by} asks to lift it` : 'stopped'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
