import { Link } from 'react-router';
import type { CalibrationLook, CalibrationPass } from '@/api/types';

/** Where the uncertainty comes from, term by term, at the point where it is largest. */
export function BudgetLines({ look, found }: { look: CalibrationLook; found: CalibrationPass }) {
  const [first] = [...found.points].sort((a, b) => b.expanded - a.expanded);
  if (first === undefined) return null;
  const d = look.decimals + 1;
  const most = Math.max(...first.lines.map((l) => l.size), 1e-12);
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">
          Where ±{first.expanded.toFixed(look.decimals)} {look.measure} at {first.words} comes from
        </h2>
        <Link to="/crib/standards" className="quiet text-[15px]">
          the template
        </Link>
      </div>
      <table className="mt-1 w-full text-[15px]">
        <tbody>
          {first.lines.map((line) => (
            <Line key={line.name} line={line} most={most} decimals={d} />
          ))}
          <tr>
            <td className="py-1 font-semibold">together, twice over (k = 2)</td>
            <td className="text-right font-semibold">{first.expanded.toFixed(d)}</td>
            <td colSpan={2} className="text-right text-sm text-soft">
              {found.points
                .filter((p) => p !== first)
                .map((p) => `${p.expanded.toFixed(look.decimals)} at ${p.words}`)
                .join(', ')}
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

type Term = CalibrationPass['points'][number]['lines'][number];

function Line({ line, most, decimals }: { line: Term; most: number; decimals: number }) {
  return (
    <tr className="border-b border-hair">
      <td className="py-1">{line.name}</td>
      <td className="w-14 text-right">{line.size.toFixed(decimals)}</td>
      <td className="w-28 pl-3">
        <span className="block h-2.5 border border-casting-edge bg-casting" style={{ width: `${String(Math.max(2, (100 * line.size) / most))}%` }} />
      </td>
      <td className="pl-3 text-right text-sm text-soft">{line.from}</td>
    </tr>
  );
}
