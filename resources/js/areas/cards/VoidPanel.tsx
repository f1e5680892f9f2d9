import type { PaperCardSheet } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { CARDS, type Reason, voidCard } from './queries';

const OPTIONS: { value: Reason; text: string }[] = [
  { value: 'not_needed', text: 'It was not needed' },
  { value: 'spoiled', text: 'It was spoiled' },
  { value: 'printed_twice', text: 'It was printed twice' },
  { value: 'other_revision', text: 'Another revision is worked by' },
];

/** A card on which nothing counts: torn up, or never used. */
export function VoidPanel({ card, onClose }: { card: PaperCardSheet; onClose: () => void }) {
  const { form, put } = useForm<{ reason: Reason | '' }>({ reason: '' });
  return (
    <FormPanel
      fault
      title={`Void card ${card.number}`}
      note="Nothing on it counts then, and it cannot be typed in any more. What was done to the metal by it stays done: say so at the bench."
      verb="Void it"
      onClose={onClose}
      refreshes={CARDS}
      command={() => voidCard(card.number, form.reason as Reason)}
    >
      <Choice label="Why" value={form.reason} onChange={(value) => put('reason')(value)} placeholder="Choose a reason" options={OPTIONS} />
    </FormPanel>
  );
}
