import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMay } from '@/api/session';
import type { ToolOnBoard, Tools } from '@/api/types';
import { calendarDay } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Select } from '@/ui/Select';
import { Loaded } from '@/ui/states';
import { AwayPanel } from '../AwayPanel';
import { TABLE_CSV, bringBack, labelsOf, useToolCommand, useTools } from '../queries';
import { type Column, COLUMNS, FILTERS, type Filter, filtered, sorted } from '../table';

/** The board as a table that sorts, and where tools go away and come back together. */
export function ToolTable() {
  const query = useTools();
  return (
    <main className="grow px-7 pt-4 pb-7">
      <Loaded query={query}>{(data) => <Sorted data={data} />}</Loaded>
    </main>
  );
}

function Sorted({ data }: { data: Tools }) {
  const [params, setParams] = useSearchParams();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(params.get('only')?.split(',') ?? []));
  const put = (name: string, value: string | null) =>
    setParams(
      (now) => {
        if (value === null) now.delete(name);
        else now.set(name, value);
        return now;
      },
      { replace: true },
    );
  const column = (params.get('sort') ?? 'code') as Column;
  const down = params.get('down') === '1';
  const rows = sorted(filtered(data, (params.get('show') ?? 'all') as Filter, params.get('find') ?? ''), column, down);
  const sort = (by: Column) => {
    put('down', by === column && !down ? '1' : null);
    put('sort', by);
  };
  return (
    <>
      <Head data={data} params={params} put={put} chosen={chosen} onDone={() => setChosen(new Set())} />
      <table className="mt-3 w-full text-[15px]">
        <Names column={column} down={down} onSort={sort} all={rows} chosen={chosen} onChoose={setChosen} />
        <tbody>
          {rows.map((tool) => (
            <Row key={tool.id} tool={tool} today={data.today} chosen={chosen.has(tool.code)} onChoose={() => setChosen(flipped(chosen, tool.code))} />
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="py-6 text-soft">No tool is like that. Show all, or look for something else.</p>}
    </>
  );
}

function flipped(set: ReadonlySet<string>, one: string): ReadonlySet<string> {
  const next = new Set(set);
  if (!next.delete(one)) next.add(one);
  return next;
}

type HeadProps = { data: Tools; params: URLSearchParams; put: (name: string, value: string | null) => void; chosen: ReadonlySet<string>; onDone: () => void };

function Head({ data, params, put, chosen, onDone }: HeadProps) {
  return (
    <div className="flex flex-wrap items-end gap-4">
      <h1 className="mr-2 pb-1 text-2xl">Tools</h1>
      <Select className="w-52" label="Show" value={params.get('show') ?? 'all'} options={FILTERS} onValueChange={(v) => put('show', v === 'all' ? null : v)} />
      <label className="block">
        <span className="mb-1 block text-sm text-soft">Number, name, drawer or person</span>
        <input
          className="h-[42px] w-64 rounded border border-line bg-sheet px-3"
          value={params.get('find') ?? ''}
          onChange={(e) => put('find', e.target.value === '' ? null : e.target.value)}
        />
      </label>
      <Together data={data} chosen={[...chosen]} onDone={onDone} />
      <a className="quiet ml-auto pb-2" href={TABLE_CSV}>
        Save as CSV
      </a>
    </div>
  );
}

/** What is done with those that are ticked. */
function Together({ data, chosen, onDone }: { data: Tools; chosen: string[]; onDone: () => void }) {
  const may = useMay();
  const [sending, setSending] = useState(false);
  const back = useToolCommand(bringBack);
  const tools = data.tools.filter((t) => chosen.includes(t.code));
  if (tools.length === 0) return <p className="pb-2 text-soft">Tick tools to send them away, bring them back or print their labels.</p>;
  const away = tools.every((t) => t.state === 'away');
  return (
    <div className="flex items-center gap-3">
      {may('keep-tools') && away && (
        <Button look="main" disabled={back.isPending} onClick={() => back.mutate(chosen, { onSuccess: onDone })}>
          {tools.length === 1 ? 'It is back' : `All ${String(tools.length)} are back`}
        </Button>
      )}
      {may('keep-tools') && !away && (
        <Button look="main" onClick={() => setSending(true)}>
          Send {tools.length === 1 ? (tools[0]?.code ?? '') : String(tools.length)} away
        </Button>
      )}
      <a className="quiet" href={labelsOf(chosen)} target="_blank" rel="noreferrer">
        Print {tools.length === 1 ? 'its label' : 'their labels'}
      </a>
      {back.isError && (
        <span role="alert" className="text-fault">
          {back.error.message}
        </span>
      )}
      {sending && (
        <AwayPanel tools={chosen} wait={data.sending.wait.filter((w) => chosen.includes(w.tool))} onClose={() => setSending(false)} onDone={onDone} />
      )}
    </div>
  );
}

type NamesProps = {
  column: Column;
  down: boolean;
  onSort: (by: Column) => void;
  all: ToolOnBoard[];
  chosen: ReadonlySet<string>;
  onChoose: (next: ReadonlySet<string>) => void;
};

function Names({ column, down, onSort, all, chosen, onChoose }: NamesProps) {
  const every = all.length > 0 && all.every((t) => chosen.has(t.code));
  return (
    <thead>
      <tr className="border-b border-line align-bottom text-sm">
        <th className="w-8 py-1.5">
          <input
            type="checkbox"
            aria-label="All that are shown"
            checked={every}
            onChange={() => onChoose(every ? new Set() : new Set(all.map((t) => t.code)))}
          />
        </th>
        {COLUMNS.map(({ key, name, className }) => (
          <th key={key} className={`py-1.5 ${className}`} aria-sort={key === column ? (down ? 'descending' : 'ascending') : 'none'}>
            <button type="button" className={`hover:text-ink ${key === column ? 'font-semibold text-ink' : ''}`} onClick={() => onSort(key)}>
              {name}
              <span aria-hidden="true">{key === column ? (down ? ' ↓' : ' ↑') : ''}</span>
            </button>
          </th>
        ))}
      </tr>
    </thead>
  );
}

function Row({ tool, today, chosen, onChoose }: { tool: ToolOnBoard; today: string; chosen: boolean; onChoose: () => void }) {
  const late = tool.due_on !== null && tool.due_on < today;
  return (
    <tr className={`h-9 border-b border-hair ${chosen ? 'bg-sheet' : ''}`}>
      <td>
        <input type="checkbox" aria-label={tool.code} checked={chosen} onChange={onChoose} />
      </td>
      <td>
        <Link to={`/crib/tools/${tool.code}`} className="font-semibold whitespace-nowrap">
          {tool.code}
        </Link>
      </td>
      <td className="max-w-56 truncate pr-4 pl-3">{tool.name}</td>
      <td className="text-soft whitespace-nowrap">{tool.form_words}</td>
      <td className="text-right whitespace-nowrap">{tool.range}</td>
      <td className="pl-4 text-right whitespace-nowrap">{tool.permissible ?? '–'}</td>
      <td className="pl-6 whitespace-nowrap text-soft">{tool.place}</td>
      <td className={`pl-5 ${tool.state === 'chained' || tool.due === 'overdue' ? 'font-semibold text-fault' : ''}`}>
        {tool.state === 'here' && tool.says.startsWith('hangs') ? 'hangs here' : tool.says}
      </td>
      <td className="pl-4 text-right whitespace-nowrap text-soft">{tool.last === null ? 'never' : calendarDay(tool.last.on)}</td>
      <td className={`pl-5 text-right whitespace-nowrap ${late ? 'font-semibold text-fault' : ''}`}>
        {tool.due_on === null || tool.due === 'none' ? '–' : calendarDay(tool.due_on)}
      </td>
    </tr>
  );
}
