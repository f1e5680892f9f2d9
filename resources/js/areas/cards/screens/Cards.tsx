import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { PaperCard } from '@/api/types';
import { calendarDay, day } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { CardSteps } from '../CardSteps';
import { useCards } from '../queries';

/** Every job card on paper: those that somebody still has to see to, then the rest. */
export function Cards() {
  const query = useCards();
  return (
    <main className="grow p-7">
      <h1 className="text-2xl">Job cards on paper</h1>
      <Loaded query={query}>
        {({ cards }) =>
          cards.length === 0 ? (
            <Empty>
              None is out. A job is put on paper from its engine, under <Link to="/builds">Builds</Link>: the card has a number, a box for every reading, and
              comes back.
            </Empty>
          ) : (
            <Table cards={cards} />
          )
        }
      </Loaded>
    </main>
  );
}

function Table({ cards }: { cards: PaperCard[] }) {
  const zone = useZone();
  return (
    <table className="mt-4 w-full">
      <TableHead columns={[['card', 'w-24'], 'engine', 'joint', 'printed', 'worked', ['', 'w-80']]} />
      <tbody>
        {cards.map((card) => (
          <tr key={card.number} className="border-b border-hair align-top">
            <td className="py-2.5">
              <Link to={`/cards/${card.number}`} className="font-semibold">
                {card.number}
              </Link>
            </td>
            <td className="py-2.5">{card.serial}</td>
            <td className="py-2.5">
              {card.joint}
              <span className="text-soft">, {card.hardware}</span>
              {card.flags.map((flag) => (
                <span key={flag} className="block font-semibold text-fault">
                  {flag}
                </span>
              ))}
            </td>
            <td className="py-2.5 whitespace-nowrap text-soft">{day(card.printed_at, zone)}</td>
            <td className="py-2.5 text-soft">{card.worked_by === null ? '–' : `${card.worked_by}, ${calendarDay(card.worked_on ?? '')}`}</td>
            <td className="py-2.5">
              <CardSteps card={card} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
