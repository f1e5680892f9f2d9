import { useState } from 'react';
import { useMay, useZone } from '@/api/session';
import type { AskedValue, Build } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { BUILDS, answerValue, useAskedValues } from './queries';

/** Values that benches asked for instead of guessing them, each with its answer. */
export function AskedValues({ build }: { build: Build }) {
  const zone = useZone();
  const may = useMay()('give-work');
  const asked = useAskedValues(build.id, may);
  const [open, setOpen] = useState<AskedValue | null>(null);
  if (!asked || asked.length === 0) return null;
  return (
    <section>
      <h2 className="text-sm text-soft">asked for at the bench</h2>
      <ul className="flex flex-col gap-3">
        {asked.map((one) => (
          <li key={one.id} className={one.answer === null ? 'border-l-4 border-fault pl-3' : ''}>
            “{one.says}”
            <span className="block text-[15px] text-soft">
              {one.person ?? 'somebody'}, {dayAndTime(one.asked_at, zone)}
            </span>
            {one.answer === null ? (
              <Button small className="mt-1.5" onClick={() => setOpen(one)}>
                Answer it
              </Button>
            ) : (
              <span className="block">Answered: {one.answer}</span>
            )}
          </li>
        ))}
      </ul>
      {open && <AnswerPanel asked={open} onClose={() => setOpen(null)} />}
    </section>
  );
}

function AnswerPanel({ asked, onClose }: { asked: AskedValue; onClose: () => void }) {
  const [answer, setAnswer] = useState('');
  return (
    <FormPanel
      title={`“${asked.says}”`}
      note={`${asked.person ?? 'Whoever asked'} reads it at the hook. A value is given out as a job: give the joint by its procedure or by a general table, and say so here.`}
      verb="Tell the bench"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => answerValue(asked.id, answer.trim())}
    >
      <TextArea
        label="What is to be done"
        rows={2}
        maxLength={200}
        value={answer}
        onChange={(e) => setAnswer(e.target.value)}
        placeholder="It hangs on your hook now, by GT-01."
      />
    </FormPanel>
  );
}
