import { Link, useSearchParams } from 'react-router';
import { useZone } from '@/api/session';
import type { AuditRow } from '@/api/types';
import { day } from '@/lib/typeset';
import { Empty, Loaded } from '@/ui/states';
import { TableHead } from '@/ui/TableHead';
import { AsideTable } from '../AsideTable';
import { useAudit } from '../queries';

/** Finds a build by its serial number, or a part of it. */
export function Audit() {
  const [params, setParams] = useSearchParams();
  const serial = params.get('serial') ?? '';
  const query = useAudit(serial);
  return (
    <main className="p-7">
      <h1 className="text-2xl">Audit</h1>
      <label className="mt-4 block max-w-md text-sm text-soft">
        Serial number or a part of it, typed or scanned
        <input
          autoFocus
          className="mt-1 w-full rounded border border-line bg-sheet px-3 py-2 text-xl font-semibold text-ink"
          value={serial}
          maxLength={40}
          onChange={(e) => setParams(e.target.value ? { serial: e.target.value } : {}, { replace: true })}
        />
      </label>
      <Loaded query={query}>
        {({ builds, tray }) => (
          <>
            <Found builds={builds} serial={serial} />
            {tray.length > 0 && (
              <section className="mt-10">
                <h2 className="text-lg">In the tray</h2>
                <p className="text-soft">Readings that fit no run. They are kept until somebody disposes of them.</p>
                <AsideTable lines={tray} />
              </section>
            )}
          </>
        )}
      </Loaded>
    </main>
  );
}

function Found({ builds, serial }: { builds: AuditRow[]; serial: string }) {
  const zone = useZone();
  if (builds.length === 0)
    return (
      <Empty>
        {serial === ''
          ? 'No engine has come in yet. Every build that is opened can be audited here.'
          : `No build that you may see has “${serial}” in its serial number.`}
      </Empty>
    );
  return (
    <table className="mt-6 w-full">
      <TableHead columns={['serial', 'family', 'customer', 'now', ['came in', 'text-right'], ['finished', 'text-right']]} />
      <tbody>
        {builds.map((build) => (
          <tr key={build.id} className="h-11 border-b border-hair">
            <td className="font-semibold">
              <Link className="quiet" to={`/audit/${build.id}`}>
                {build.title}
              </Link>
            </td>
            <td>{build.family}</td>
            <td>{build.customer}</td>
            <td>{build.state}</td>
            <td className="text-right text-soft">{day(build.opened_at, zone)}</td>
            <td className="text-right text-soft">{build.finished_at === null ? '–' : day(build.finished_at, zone)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
