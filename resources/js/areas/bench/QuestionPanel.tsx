import type { BenchView } from '@/api/types';
import { Panel } from '@/ui/Panel';
import { BigKey } from './BigKey';
import type { Question } from './useCall';
import { usePanelKeys } from './usePadKeys';

type Settle = (how: 'so' | 'likely' | 'again') => void;
type Props = { question: Question; view: BenchView; call: BenchView['call']; onSettle: Settle };
type Way = { says: string; how: 'so' | 'likely' | 'again' };

/** What looks like a slip, or comes too soon, is asked about before it becomes part of the record. The first answer throws nothing away and takes nothing. */
export function QuestionPanel({ question, view, call, onSettle }: Props) {
  const asked = question.kind === 'early' ? early(question, view, call) : slip(question);
  usePanelKeys(Object.fromEntries(asked.ways.map(({ how }, i) => [String(i + 1), () => onSettle(how)])));
  return (
    <Panel title={asked.title} open onClose={() => onSettle('again')} note={asked.note}>
      <div className="flex flex-col gap-4">
        {asked.ways.map(({ says, how }, i) => (
          <BigKey key={how} look={i === 0 ? 'main' : 'plain'} cap={String(i + 1)} onClick={() => onSettle(how)}>
            {says}
          </BigKey>
        ))}
      </div>
    </Panel>
  );
}

function early(question: Question & { kind: 'early' }, view: BenchView, call: BenchView['call']): { title: string; note: string; ways: Way[] } {
  return {
    title: `Did ${call.title.toLowerCase()} click too?`,
    note: `That was ${question.seconds} s after ${view.last?.title.toLowerCase() ?? 'the one before'}.`,
    ways: [
      { says: 'No, not yet', how: 'again' },
      { says: 'Yes, it did', how: 'so' },
    ],
  };
}

function slip({ field, text, slip: looks }: Question & { kind: 'slip' }): { title: string; note: string; ways: Way[] } {
  const unit = field.scale?.unit.symbol ?? '';
  return {
    title: `Was it really ${text} ${unit}?`,
    note: `${field.label}. It looks like a slip: ${looks.says}. Only you saw the scale.`,
    ways: [
      { says: 'No, let me type it again', how: 'again' },
      ...(looks.likely === null ? [] : [{ says: `It showed ${looks.likely} ${unit}`, how: 'likely' as const }]),
      { says: `It did show ${text} ${unit}`, how: 'so' },
    ],
  };
}
