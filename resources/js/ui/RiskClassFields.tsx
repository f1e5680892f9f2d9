import { Checkbox } from './Checkbox';
import { Select } from './Select';
import { TableHead } from './TableHead';

type Class = 'A' | 'B' | 'C';
type Least = 'measured' | 'one_by_one' | 'as_round';
export type ClassAsks = { class: Class; least: Least; watched: boolean; second_look: boolean };

const LEAST: { value: Least; text: string }[] = [
  { value: 'measured', text: 'a measured value' },
  { value: 'one_by_one', text: 'a word for each bolt' },
  { value: 'as_round', text: 'a word for the round' },
];

/** As a class stands: what can be asked for anew. */
export const toAsk = (rules: ClassAsks[]): ClassAsks[] =>
  rules.map(({ class: of, least, watched, second_look }) => ({ class: of, least, watched, second_look }));

/** What each risk class asks for, to be set. What cannot be is refused in words when it is sent. */
export function RiskClassFields({ rules, onChange }: { rules: ClassAsks[]; onChange: (rules: ClassAsks[]) => void }) {
  const put = (of: Class, next: Partial<ClassAsks>) => onChange(rules.map((rule) => (rule.class === of ? { ...rule, ...next } : rule)));
  return (
    <table className="w-full">
      <TableHead columns={['class', 'the loading round rests at least on', 'beside it', 'at the end']} />
      <tbody>
        {rules.map((rule) => (
          <tr key={rule.class} className="h-12 border-b border-hair">
            <th scope="row" className="font-semibold">
              {rule.class}
            </th>
            <td className="pr-4">
              <Select
                label={`Class ${rule.class}, at least`}
                hideLabel
                value={rule.least}
                options={LEAST}
                onValueChange={(least) => put(rule.class, { least: least as Least })}
              />
            </td>
            <td className="pr-4">
              <Checkbox checked={rule.watched} onCheckedChange={(watched) => put(rule.class, { watched })}>
                <span>
                  <span className="sr-only">Class {rule.class}: </span>a second quantity watched
                </span>
              </Checkbox>
            </td>
            <td>
              <Checkbox checked={rule.second_look} onCheckedChange={(second_look) => put(rule.class, { second_look })}>
                <span>
                  <span className="sr-only">Class {rule.class}: </span>a second person looks
                </span>
              </Checkbox>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
