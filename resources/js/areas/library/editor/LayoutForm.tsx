import { useMutation } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import { addPositions } from '@/lib/document';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { Select } from '@/ui/Select';
import { useForm } from '@/ui/useForm';
import type { Editing } from './editor';

type Pattern = 'rows' | 'circle' | 'pairs';
const PATTERNS: { value: Pattern; text: string }[] = [
  { value: 'rows', text: 'rows' },
  { value: 'circle', text: 'a circle' },
  { value: 'pairs', text: 'pairs' },
];

type FieldOf = 'count' | 'rows' | 'pitch' | 'apart' | 'diameter' | 'from' | 'x' | 'y';
/** What each pattern is made from. */
const NEEDS: Record<Pattern, [FieldOf, string][]> = {
  rows: [
    ['count', 'in each row'],
    ['rows', 'rows'],
    ['pitch', 'pitch, mm'],
    ['apart', 'from row to row, mm'],
    ['x', 'first at x, mm'],
    ['y', 'y, mm'],
  ],
  circle: [
    ['count', 'on the circle'],
    ['diameter', 'diameter, mm'],
    ['from', 'first at, °'],
    ['x', 'centre x, mm'],
    ['y', 'y, mm'],
  ],
  pairs: [
    ['count', 'pairs'],
    ['pitch', 'pitch, mm'],
    ['apart', 'apart, mm'],
    ['x', 'first at x, mm'],
    ['y', 'y, mm'],
  ],
};

const BEGIN = {
  pattern: 'rows',
  count: '4',
  rows: '2',
  pitch: '80',
  apart: '90',
  diameter: '120',
  from: '0',
  x: '60',
  y: '35',
  group: '',
  part: '',
};

/** Asks the core for the points, puts them on the map and selects those that are new. */
function useLayout({ doc, edit, select }: Editing, form: typeof BEGIN, pattern: Pattern) {
  const group = form.group || (doc.groups[0]?.key ?? '');
  const part = form.part || (doc.map.parts[0]?.key ?? '');
  const needed = Object.fromEntries(NEEDS[pattern].map(([field]) => [field, form[field]]));
  const lay = useMutation({
    mutationFn: () => answerOf(api.POST('/library/map/layout', { body: { pattern, count: form.count, x: form.x, y: form.y, ...needed } })),
    onSuccess: ({ points }) => {
      const taken = doc.map.positions.map((p) => p.key);
      const keys = addPositions(doc, points, group, part).map.positions.map((p) => p.key);
      edit('layout', (d) => addPositions(d, points, group, part));
      select(keys.filter((k) => !taken.includes(k)));
    },
  });
  return { lay, group, part };
}

/** Rows, circles and pairs from a few dimensions. */
export function LayoutForm(editing: Editing) {
  const { doc } = editing;
  const { form, put, bind } = useForm(BEGIN);
  const pattern = PATTERNS.find((p) => p.value === form.pattern)?.value ?? 'rows';
  const { lay, group, part } = useLayout(editing, form, pattern);
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        lay.mutate();
      }}
    >
      <div className="grid grid-cols-4 items-end gap-x-3 gap-y-2">
        <Select label="Lay out" value={form.pattern} onValueChange={put('pattern')} options={PATTERNS} />
        {NEEDS[pattern].map(([field, label]) => (
          <Field key={field} label={label} inputMode="decimal" {...bind(field)} />
        ))}
        <Select label="of group" value={group} onValueChange={put('group')} options={doc.groups.map((g) => ({ value: g.key, text: g.name }))} />
        <Select label="in part" value={part} onValueChange={put('part')} options={doc.map.parts.map((p) => ({ value: p.key, text: p.name }))} />
        <Button type="submit" className="h-[42px]" disabled={lay.isPending}>
          Put them in
        </Button>
      </div>
      <Refusal of={lay} className="mt-2" />
    </form>
  );
}
