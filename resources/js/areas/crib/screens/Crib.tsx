import { useSearchParams } from 'react-router';
import type { ToolOnBoard } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Empty, Loaded } from '@/ui/states';
import { TableHead } from '@/ui/TableHead';
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
      <TableHead
        columns={[
          ['tool', 'pl-3'],
          'what it is',
          'kind',
          ['range', 'text-right'],
          ['reads in steps of', 'text-right'],
          ['last calibration', 'pl-8'],
          'found',
          'certificate',
          ['due by', 'text-right'],
        ]}
      />
      <tbody>
        {tools.map((tool) => (
          <ToolRow key={tool.id} tool={tool} today={today} picked={picked === tool.code} onPick={() => onPick(tool.code)} />
        ))}
      </tbody>
    </table>
  );
}

function ToolRow({ tool, today, picked, onPick }: { tool: ToolOnBoard; today: string; picked: boolean; onPick: () => void }) {
  const last = tool.calibrations[0];
  return (
    <tr onClick={onPick} className={`h-11 cursor-pointer border-b border-hair ${picked ? 'bg-sheet' : ''}`}>
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
}
