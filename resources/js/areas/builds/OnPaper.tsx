import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useMay } from '@/api/session';
import type { JointOnStand, PaperCard } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { printCard, useBuildCommand } from './queries';

/** A job that can be worked on paper: its cards, and another one. The number is given once, however often the key is pressed. */
export function OnPaper({ joint, cards, open }: { joint: JointOnStand; cards: PaperCard[]; open: boolean }) {
  const may = useMay();
  const navigate = useNavigate();
  const [id] = useState(() => crypto.randomUUID());
  const print = useBuildCommand(() => printCard({ id, assignment: joint.given?.id ?? '' }));
  const mine = cards.filter((card) => card.assignment === joint.given?.id);
  return (
    <div className="flex flex-col gap-2">
      {mine.map((card) => (
        <p key={card.number}>
          <Link to={`/cards/${card.number}`}>Card {card.number}</Link>, {card.says}
          {card.flags.length > 0 && <span className="font-semibold text-fault">. {card.flags.join(' ')}</span>}
        </p>
      ))}
      {may('give-work') && open && joint.given !== null && !joint.run?.finished && (
        <div>
          <Button disabled={print.isPending} onClick={() => print.mutate(undefined, { onSuccess: ({ number }) => void navigate(`/cards/${number}`) })}>
            {mine.length === 0 ? 'Put it on paper' : 'Another card on paper'}
          </Button>
        </div>
      )}
      <Refusal of={print} />
    </div>
  );
}
