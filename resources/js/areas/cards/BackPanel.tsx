import { useDayIn } from '@/api/session';
import type { PaperCardSheet } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { CARDS, cardBack } from './queries';

/** A card has come back: the name and the day that stand on it. */
export function BackPanel({ card, onClose }: { card: PaperCardSheet; onClose: () => void }) {
  const dayIn = useDayIn();
  const given = card.workers.some((w) => w.id === card.given_to) ? card.given_to : null;
  const { form, bind, put } = useForm({ worked_by: given ?? '', worked_on: dayIn(0) });
  return (
    <FormPanel
      title={`Card ${card.number} is back`}
      note="As it stands on the card: one that nobody has signed is voided instead."
      verb="It is back"
      onClose={onClose}
      refreshes={CARDS}
      command={() => cardBack(card.number, form)}
    >
      <Choice
        label="Signed by"
        value={form.worked_by}
        onChange={put('worked_by')}
        placeholder="Whose signature is on it"
        options={card.workers.map((w) => ({ value: w.id, text: w.name }))}
      />
      <Field label="Worked on" type="date" {...bind('worked_on')} />
    </FormPanel>
  );
}
