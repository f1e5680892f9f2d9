import type { ToolOnBoard, Tools } from '@/api/types';

export type Column = 'code' | 'name' | 'form_words' | 'range' | 'permissible' | 'place' | 'says' | 'last' | 'due_on';
export type Filter = 'all' | 'hand' | 'due' | 'out' | 'away' | 'chained' | 'retired';

export const COLUMNS: readonly { key: Column; name: string; className: string }[] = [
  { key: 'code', name: 'tool', className: '' },
  { key: 'name', name: 'what it is', className: 'pl-3' },
  { key: 'form_words', name: 'kind', className: '' },
  { key: 'range', name: 'range', className: 'text-right' },
  { key: 'permissible', name: 'may deviate', className: 'text-right' },
  { key: 'place', name: 'place', className: 'pl-6' },
  { key: 'says', name: 'how it stands', className: 'pl-5' },
  { key: 'last', name: 'calibrated', className: 'text-right' },
  { key: 'due_on', name: 'due by', className: 'text-right' },
];

export const FILTERS: readonly { value: Filter; text: string }[] = [
  { value: 'all', text: 'all that are kept' },
  { value: 'hand', text: 'what needs a hand' },
  { value: 'due', text: 'what may be sent now' },
  { value: 'out', text: 'what is with somebody' },
  { value: 'away', text: 'what is away' },
  { value: 'chained', text: 'what is out of use' },
  { value: 'retired', text: 'what was retired' },
];

/** The tools that a filter and a search leave. */
export function filtered(data: Tools, filter: Filter, find: string): ToolOnBoard[] {
  const needing = new Set(data.needs.flatMap((n) => n.tools));
  const text = find.trim().toLowerCase();
  return data.tools.filter(
    (t) =>
      kept(t, filter, needing, data.sending.now) &&
      (text === '' || [t.code, t.name, t.place, t.form_words, t.holder ?? ''].some((v) => v.toLowerCase().includes(text))),
  );
}

function kept(tool: ToolOnBoard, filter: Filter, needing: Set<string>, sendable: string[]): boolean {
  switch (filter) {
    case 'all':
      return tool.state !== 'retired';
    case 'hand':
      return needing.has(tool.code);
    case 'due':
      return sendable.includes(tool.code);
    default:
      return tool.state === filter;
  }
}

/** By a column, what has nothing in it last; the number decides among equals. */
export function sorted(tools: ToolOnBoard[], by: Column, down: boolean): ToolOnBoard[] {
  const of = (t: ToolOnBoard): string => (by === 'last' ? (t.last?.on ?? '') : (t[by] ?? ''));
  const compare = (a: string, b: string) => a.localeCompare(b, 'en', { numeric: true });
  return [...tools].sort((a, b) => {
    const [x, y] = [of(a), of(b)];
    if ((x === '') !== (y === '')) return x === '' ? 1 : -1;
    return (down ? compare(y, x) : compare(x, y)) || compare(a.code, b.code);
  });
}
