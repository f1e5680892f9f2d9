import { useSearchParams } from 'react-router';
import type { PeopleAndBenches } from '@/api/types';
import type { Method, Person } from '../queries';
import { METHODS, inWords } from '../words';
import { SkillHead } from './SkillHead';

type Props = { people: Person[]; families: PeopleAndBenches['families']; alone: PeopleAndBenches['alone']; chosen: string | null };
type Column = { family: string; method: Method; text: string; first: boolean };

/** Families side by side, each with the methods that anybody has been signed for there. */
function columnsOf({ families, people }: Pick<Props, 'families' | 'people'>): Column[] {
  return families.flatMap((family) => {
    const known = METHODS.filter((m) => people.some((p) => p.skills.some((s) => s.family === family.code && s.method === m.value)));
    return known.map((m, i) => ({ family: family.code, method: m.value, text: m.text, first: i === 0 }));
  });
}

/** Who works at a bench, and what each may do there. */
export function SkillTable(props: Props) {
  const columns = columnsOf(props);
  return (
    <div className="overflow-x-auto">
      <table className="w-full">
        <thead>
          <tr className="text-sm font-semibold">
            <td colSpan={3} />
            {columns.map((c) => (c.first ? <FamilyHead key={c.family} code={c.family} span={columns.filter((o) => o.family === c.family).length} /> : null))}
          </tr>
          <tr className="border-b border-line align-bottom text-sm">
            <th className="py-1.5 pr-3 pl-2">name</th>
            <th className="pr-3">badge</th>
            <th className="pr-3">shift</th>
            {columns.map((c) => (
              <th key={c.family + c.method} className={`text-center text-[13px] ${c.first ? 'pl-3' : ''}`}>
                {c.text}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {props.people.map((person) => (
            <Row key={person.id} person={person} columns={columns} chosen={person.id === props.chosen} />
          ))}
        </tbody>
        {columns.length > 0 && <Alone columns={columns} alone={props.alone} />}
      </table>
    </div>
  );
}

function FamilyHead({ code, span }: { code: string; span: number }) {
  return (
    <th colSpan={span} className="pt-1 pl-3 text-left font-semibold text-ink">
      {code}
    </th>
  );
}

function Row({ person, columns, chosen }: { person: Person; columns: Column[]; chosen: boolean }) {
  return (
    <tr className={`h-[52px] border-b border-hair ${chosen ? 'bg-sheet shadow-[inset_3px_0_0_var(--now)]' : ''}`}>
      <td className="pr-3 pl-2 font-semibold whitespace-nowrap">
        <Choose person={person} />
      </td>
      <td className="pr-3">{person.badge ?? '–'}</td>
      <td className="pr-3 text-soft">{person.absences.length > 0 ? <Away person={person} /> : (person.shift ?? '–')}</td>
      {columns.map((c) => {
        const skill = person.skills.find((s) => s.family === c.family && s.method === c.method);
        return (
          <td key={c.family + c.method} className={`text-center ${c.first ? 'pl-3' : ''}`}>
            {skill && <SkillHead skill={skill} />}
          </td>
        );
      })}
    </tr>
  );
}

function Away({ person }: { person: Person }) {
  const [first] = person.absences;
  return (
    <span title={first === undefined ? '' : `away ${first.first_day} to ${first.last_day}`}>
      {person.shift ?? '–'}
      <span className="block text-[12px] leading-3">leave soon</span>
    </span>
  );
}

/** A name that opens the person's side of the page, and can be linked to. */
export function Choose({ person }: { person: Person }) {
  const [params, setParams] = useSearchParams();
  const choose = () => {
    params.set('person', person.id);
    setParams(params, { replace: true });
  };
  return (
    <button type="button" className="rounded text-left font-semibold hover:underline" aria-pressed={params.get('person') === person.id} onClick={choose}>
      {person.name}
    </button>
  );
}

function Alone({ columns, alone }: { columns: Column[]; alone: Props['alone'] }) {
  return (
    <tfoot>
      <tr className="h-11 border-b border-line">
        <td colSpan={3} className="pl-2 text-sm text-soft">
          may do it alone
        </td>
        {columns.map((c) => {
          const people = alone.find((a) => a.family === c.family && a.method === c.method)?.people ?? 0;
          return (
            <td key={c.family + c.method} className={`text-center text-[15px] ${c.first ? 'pl-3' : ''} ${people < 2 ? 'font-semibold text-fault' : ''}`}>
              {inWords(people)}
            </td>
          );
        })}
      </tr>
    </tfoot>
  );
}
