import { useSearchParams } from 'react-router';
import type { ToolOnBoard } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Empty, Loaded } from '@/ui/states';
import { ToolOutline } from '../ToolOutline';
import { useTools } from '../queries';

/** The shadow board: every tool where it hangs, a chain across those out of use; the table below sorts them. */
export function Crib() {
  const [params, setParams] = useSearchParams();
  const picked = params.get('tool');
  const query = useTools();
  const pick = (code: string) => setParams({ tool: code }, { replace: true });
  return (
    <main className="p-7">
      <h1 className="text-2xl">Crib</h1>
      <Loaded query={query}>
        {({ today, tools }) =>
          tools.length === 0 ? (
            <Empty>The shop’s tools hang here. None has been registered yet.</Empty>
          ) : (
            <>
              <p className="mt-1 text-soft">{summary(tools)}</p>
              <Board tools={tools} picked={picked} onPick={pick} />
              <ToolTable tools={tools} today={today} picked={picked} onPick={pick} />
            </>
          )
        }
      </Loaded>
    </main>
  );
}

function summary(tools: ToolOnBoard[]): string {
  const out = tools.filter((t) => t.out_of_use !== null);
  return out.length === 0
    ? `All ${String(tools.length)} tools may be used today.`
    : `${String(tools.length - out.length)} of ${String(tools.length)} tools may be used today; ${out.map((t) => t.code).join(', ')} may not.`;
}

function Board({ tools, picked, onPick }: { tools: ToolOnBoard[]; picked: string | null; onPick: (code: string) => void }) {
  return (
    <ul className="mt-5 grid grid-cols-2 border border-line bg-casting lg:grid-cols-4" aria-label="Shadow board">
      {tools.map((tool) => (
        <li key={tool.id} className="border-r border-hair last:border-r-0">
          <button
            type="button"
            onClick={() => onPick(tool.code)}
            aria-pressed={picked === tool.code}
            className={`flex w-full flex-col px-4 pt-4 pb-3 text-left ${picked === tool.code ? 'bg-sheet' : ''}`}
          >
            <ToolOutline kind={tool.kind} chained={tool.out_of_use !== null} />
            <span className="mt-2 text-xl font-semibold">{tool.code}</span>
            <span className={tool.out_of_use === null ? 'text-soft' : 'text-fault'}>
              {tool.out_of_use === null ? tool.range : `out of use: ${tool.out_of_use}`}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function ToolTable({ tools, today, picked, onPick }: { tools: ToolOnBoard[]; today: string; picked: string | null; onPick: (code: string) => void }) {
  return (
    <table className="mt-7 w-full">
      <thead>
        <tr className="border-b border-line text-sm">
          <th className="py-2 pl-3">tool</th>
          <th>what it is</th>
          <th>kind</th>
          <th className="text-right">range</th>
          <th className="text-right">reads in steps of</th>
          <th className="pl-8">last calibration</th>
          <th>found</th>
          <th>certificate</th>
          <th className="text-right">due by</th>
        </tr>
      </thead>
      <tbody>
        {tools.map((tool) => {
          const last = tool.calibrations[0];
          return (
            <tr
              key={tool.id}
              onClick={() => onPick(tool.code)}
              className={`h-11 cursor-pointer border-b border-hair ${picked === tool.code ? 'bg-sheet' : ''}`}
            >
              <td className="pl-3 font-semibold">{tool.code}</td>
              <td>{tool.name}</td>
              <td className="text-soft">{tool.kind_words}</td>
              <td className="text-right">{tool.range}</td>
              <td className="text-right">{tool.resolution}</td>
              <td className="pl-8">{last ? calendarDay(last.on) : 'never'}</td>
              <td>{last ? last.conforms ? 'conforms' : <b className="text-fault">fails</b> : ''}</td>
              <td className="text-soft">{last?.certificate}</td>
              <td className={`text-right ${last && last.due < today ? 'font-semibold text-fault' : ''}`}>{last ? calendarDay(last.due) : '–'}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
