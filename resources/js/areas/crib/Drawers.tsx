import { useState } from 'react';
import { Link } from 'react-router';
import type { ToolOnBoard } from '@/api/types';
import { shortDay } from '@/lib/typeset';
import { ToolOutline } from './ToolOutline';

type Props = { tools: ToolOnBoard[]; by: 'place' | 'kind' };

/** Tools drawer by drawer, or kind by kind. Each drawer folds, so that a hundred and fifty stay one page. */
export function Drawers({ tools, by }: Props) {
  const groups = new Map<string, ToolOnBoard[]>();
  for (const tool of tools) {
    const key = by === 'kind' ? tool.form_words : tool.place || 'No place yet';
    groups.set(key, [...(groups.get(key) ?? []), tool]);
  }
  const names = [...groups.keys()].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  return (
    <div>
      {names.map((name) => (
        <Drawer key={name} name={name} tools={groups.get(name) ?? []} about={by === 'place'} />
      ))}
    </div>
  );
}

function Drawer({ name, tools, about }: { name: string; tools: ToolOnBoard[]; about: boolean }) {
  const [open, setOpen] = useState(true);
  return (
    <section className="grid grid-cols-[7.5rem_1fr] border-t border-line pt-2 pb-2" aria-label={name}>
      <div>
        <button type="button" aria-expanded={open} className="text-left font-semibold first-letter:uppercase" onClick={() => setOpen(!open)}>
          {name}
        </button>
        <p className="pr-3 text-[15px] leading-tight text-soft">{about ? kindsOf(tools) : `${String(tools.length)} of them`}</p>
      </div>
      {open ? (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(7.9rem,1fr))] gap-x-1">
          {tools.map((tool) => (
            <OnBoard key={tool.id} tool={tool} />
          ))}
        </ul>
      ) : (
        <p className="text-soft">{tools.map((t) => t.code).join(', ')}</p>
      )}
    </section>
  );
}

/** "wrenches, gauges": what lies in a drawer, without saying a word twice. */
function kindsOf(tools: ToolOnBoard[]): string {
  const last = (words: string) => words.slice(words.lastIndexOf(' ') + 1);
  return [...new Set(tools.map((t) => plural(last(t.form_words))))].join(', ');
}

function plural(word: string): string {
  return /(ch|s)$/.test(word) ? `${word}es` : `${word}s`;
}

function OnBoard({ tool }: { tool: ToolOnBoard }) {
  const due = dueSlip(tool);
  return (
    <li>
      <Link to={`/crib/tools/${tool.code}`} className="block hover:bg-sheet" title={`${tool.name}: ${tool.says}`}>
        <ToolOutline tool={tool} due={due} />
        <span className="block pb-1 text-[15px] leading-tight whitespace-nowrap">
          <b className={tool.state === 'chained' ? 'text-fault' : ''}>{tool.code}</b> <span className="text-sm text-soft">{brief(tool)}</span>
        </span>
        <span className="sr-only">
          {tool.name}, {tool.says}
        </span>
      </Link>
    </li>
  );
}

/** The dashed slip of one that wants a calibration: by which day, or that its pulls or its days are over. */
function dueSlip(tool: ToolOnBoard): string | null {
  if (tool.due === 'soon')
    return tool.cycles !== null && (tool.pulls ?? 0) >= 0.95 * tool.cycles ? 'pulls' : tool.due_on === null ? 'due' : shortDay(tool.due_on);
  return tool.due === 'overdue' || tool.due === 'never' ? 'overdue' : null;
}

/** What it is for, in the space below it: a range, or what it reads to. */
function brief(tool: ToolOnBoard): string {
  if (tool.form === 'powered_driver') return 'seat only';
  if (tool.form.endsWith('gauge') || tool.form === 'dial_indicator') return `to ${tool.resolution}`;
  const [range = '', unit = ''] = tool.range.split('\u00a0');
  return unit === 'N·m' ? range : `to ${range.split('–').pop() ?? ''} ${unit}`;
}
