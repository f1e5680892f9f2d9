import { useState } from 'react';
import { useZone } from '@/api/session';
import type { PeopleAndBenches } from '@/api/types';
import { calendarDay, day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { type Person, type Skill, useEndSkill } from '../queries';
import { METHODS } from '../words';
import { SkillHead } from './SkillHead';

const PRESSING: Skill['standing'][] = ['ended', 'ending', 'under_supervisor', 'signed'];
const AT_ONCE = 3;

/** What somebody may do, and who has said so. */
export function PersonSkills({ person, families, onSign }: { person: Person; families: PeopleAndBenches['families']; onSign: (() => void) | null }) {
  const end = useEndSkill();
  const [all, setAll] = useState(false);
  // What wants somebody's hand comes first; what simply holds is folded where there is much of it.
  const skills = [...person.skills].sort((a, b) => PRESSING.indexOf(a.standing) - PRESSING.indexOf(b.standing));
  const shown = all ? skills : skills.slice(0, AT_ONCE);
  return (
    <section aria-label="Skills">
      {person.skills.length === 0 && <p className="py-3 text-soft">Nobody has signed yet what {person.name} may do.</p>}
      {shown.map((s) => (
        <div key={s.id} className="flex items-center gap-4 border-b border-hair py-2">
          <SkillHead skill={s} size={38} />
          <p className="grow text-sm leading-5 text-soft">
            <b className="block text-base font-semibold text-ink">
              {families.find((f) => f.code === s.family)?.name ?? s.family}, {METHODS.find((m) => m.value === s.method)?.text}
            </b>
            <HowEarned skill={s} />
          </p>
          {onSign && (
            <Button small aria-label={`End ${s.family} ${s.method}`} onClick={() => end.mutate(s.id)}>
              End
            </Button>
          )}
        </div>
      ))}
      <Refusal of={end} className="mt-2" />
      <div className="mt-3 flex items-center justify-between gap-4">
        {onSign && <Button onClick={onSign}>Sign what they may do</Button>}
        {shown.length < skills.length && (
          <button type="button" className="underline decoration-hair underline-offset-4" onClick={() => setAll(true)}>
            Show all {skills.length}
          </button>
        )}
      </div>
    </section>
  );
}

function HowEarned({ skill: s }: { skill: Skill }) {
  const zone = useZone();
  const signed = `signed by ${s.signed_by ?? 'somebody'}, ${day(s.signed_at, zone)}`;
  const until = s.valid_until === null ? '' : s.standing === 'ended' ? `; ended on ${calendarDay(s.valid_until)}` : `; until ${calendarDay(s.valid_until)}`;
  if (s.earned === 'learning') {
    const done = [...s.builds, ...s.recorded];
    return `${String(done.length)} of ${String(s.wanted)} supervised builds${done.length > 0 ? `: ${done.join(', ')}` : ''}; ${signed}`;
  }
  if (s.earned === 'supervised') return `supervised on ${s.builds.join(', ')}; ${signed}${until}`;
  return `${s.note}; ${signed}${until}`;
}
