import { useZone } from '@/api/session';
import type { Standard } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { TableHead } from '@/ui/TableHead';
import { Empty } from '@/ui/states';

type Props = { standards: Standard[]; sign: boolean; onSign: (standard: Standard) => void };

/** The shop's windows, and whose signature is wanting. */
export function StandardTable({ standards, sign, onSign }: Props) {
  const zone = useZone();
  if (standards.length === 0) return <Empty>A figure printed bare needs the shop’s window. Ask for one; somebody else signs it.</Empty>;
  return (
    <table className="mt-3 w-full">
      <TableHead columns={['code', 'window of a', ['to either side', 'text-right'], ['tool', 'pl-8'], 'risk class', 'stands in', 'signed']} />
      <tbody>
        {standards.map((s) => (
          <tr key={s.id} className="h-10 border-b border-hair">
            <td className="pr-4 font-semibold whitespace-nowrap">{s.code}</td>
            <td>{s.quantity}</td>
            <td className="text-right">± {s.tolerance}</td>
            <td className="pl-8">{s.tool === '' ? 'any' : s.tool.replaceAll('_', ' ')}</td>
            <td>{s.risk_class === '' ? 'any' : s.risk_class}</td>
            <td>{s.source}</td>
            <td>
              {s.state === 'approved' ? (
                <>
                  {s.signature}
                  <span className="text-soft"> {s.approved_at === null ? '' : day(s.approved_at, zone)}</span>
                </>
              ) : sign && !s.asked_by_me ? (
                <Button small onClick={() => onSign(s)}>
                  Sign {s.code}
                </Button>
              ) : (
                <span className="text-fault">asked by {s.asked_by ?? 'name blanked'}, not signed</span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
