import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useZone } from '@/api/session';
import type { PaperCardSheet } from '@/api/types';
import { calendarDay, dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { FileLink } from '@/ui/ButtonLink';
import { Refusal } from '@/ui/Refusal';
import { Loaded } from '@/ui/states';
import { BackPanel } from '../BackPanel';
import { CardSteps } from '../CardSteps';
import { Compare } from '../Compare';
import { ScanPanel } from '../ScanPanel';
import { VoidPanel } from '../VoidPanel';
import { loseCard, paperOf, scanOf, useCard, useCardCommand } from '../queries';

/** One job card on paper: where it is, and the one thing that is to be done with it now. */
export function Card() {
  const { card = '' } = useParams();
  const query = useCard(card);
  return <Loaded query={query}>{(data) => <Sheet card={data} />}</Loaded>;
}

type PanelName = 'back' | 'scan' | 'void';

function Sheet({ card }: { card: PaperCardSheet }) {
  const [panel, setPanel] = useState<PanelName | null>(null);
  const close = () => setPanel(null);
  return (
    <main className="grow p-7">
      <Head card={card} onPanel={setPanel} />
      {card.flags.map((flag) => (
        <p key={flag} className="mt-3 font-semibold text-fault">
          {flag}
        </p>
      ))}
      <Next card={card} onPanel={setPanel} />
      {card.lines.length > 0 && <Compare key={card.state + String(card.differ.length)} card={card} />}
      {panel === 'back' && <BackPanel card={card} onClose={close} />}
      {panel === 'scan' && <ScanPanel card={card} onClose={close} />}
      {panel === 'void' && <VoidPanel card={card} onClose={close} />}
    </main>
  );
}

type HeadProps = { card: PaperCardSheet; onPanel: (panel: PanelName) => void };

function Head({ card, onPanel }: HeadProps) {
  const zone = useZone();
  return (
    <header>
      <div className="flex flex-wrap items-end justify-between gap-6">
        <div>
          <p className="text-soft">Job card</p>
          <h1 className="wide text-[32px] font-bold">{card.number}</h1>
          <p className="text-lg">
            <Link to={`/builds/${card.build}`}>{card.serial}</Link>, {card.joint}, <b>{card.hardware}</b>, revision {card.revision}
          </p>
          <p className="text-soft">
            Printed {dayAndTime(card.printed_at, zone)} by {card.printed_by}
            {card.worked_by !== null && `; worked and signed by ${card.worked_by}, ${calendarDay(card.worked_on ?? '')}`}
            {card.typed_by !== null && `; typed in by ${card.typed_by}`}
            {card.compared_by !== null && `; compared by ${card.compared_by}, ${dayAndTime(card.compared_at ?? '', zone)}`}
          </p>
        </div>
        <Ways card={card} onPanel={onPanel} />
      </div>
      <div className="mt-4 border-y border-hair py-2.5">
        <CardSteps card={card} />
      </div>
    </header>
  );
}

function Ways({ card, onPanel }: HeadProps) {
  const lose = useCardCommand(() => loseCard(card.number));
  const isOpen = !['voided', 'compared'].includes(card.state);
  return (
    <div>
      <div className="flex flex-wrap items-center justify-end gap-3">
        {isOpen && <FileLink href={paperOf(card.number)}>Print it</FileLink>}
        {card.scan !== null && (
          <FileLink href={scanOf(card.number)} saves>
            Save the scan
          </FileLink>
        )}
        {card.state === 'out' && (
          <Button disabled={lose.isPending} onClick={() => lose.mutate(undefined)}>
            It is lost
          </Button>
        )}
        {['out', 'back', 'lost'].includes(card.state) && <Button onClick={() => onPanel('void')}>Void it</Button>}
      </div>
      <Refusal of={lose} />
    </div>
  );
}

/** What is to be done now, in a sentence and one key. */
function Next({ card, onPanel }: HeadProps) {
  const [says, key] = nextOf(card);
  return (
    <div className="mt-5 flex items-center gap-6">
      <p className="max-w-[60rem] text-lg">{says}</p>
      {key !== null && (
        <Button look="main" onClick={() => onPanel(key)}>
          {key === 'back' ? 'It is back' : 'Attach the scan'}
        </Button>
      )}
    </div>
  );
}

function nextOf(card: PaperCardSheet): [says: string, key: 'back' | 'scan' | null] {
  switch (card.state) {
    case 'out':
      return ['It is on paper at a bench. When it comes back, say whose signature is on it, used or not.', 'back'];
    case 'lost':
      return ['It is lost: nothing on it is known, and whatever was done by it is done again or looked at. Found, it comes back.', 'back'];
    case 'voided':
      return [`Voided: ${REASONS[card.reason ?? ''] ?? ''}. Nothing on it counts.`, null];
    case 'back':
      return [`Somebody types it in at a bench: scan its code there, or type ${card.number}.`, card.scan === null ? 'scan' : null];
    case 'typing':
      return [`${card.typed_by ?? 'Somebody'} is typing it in now.`, card.scan === null ? 'scan' : null];
    case 'typed':
      if (card.scan === null) return ['It is typed in. Its scan is attached before anybody compares: later it is the scan that is looked at.', 'scan'];
      return card.differ.length > 0
        ? [
            `${String(card.differ.length)} of its values differ from what was typed. ${card.typed_by ?? 'Whoever typed it'} types them anew at the bench; then they are compared once more.`,
            null,
          ]
        : [`Hold each line against the card. Whoever typed it, ${card.typed_by ?? 'somebody'}, does not.`, null];
    case 'compared':
      return ['Typed in, and compared with the card. Its values are known as copied from paper, for ever.', null];
  }
}

const REASONS: Record<string, string> = {
  not_needed: 'it was not needed',
  spoiled: 'it was spoiled',
  printed_twice: 'it was printed twice',
  other_revision: 'another revision is worked by',
};
