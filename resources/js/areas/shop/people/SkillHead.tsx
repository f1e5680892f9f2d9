import { BoltHead } from '@/ui/BoltHead';
import type { Skill } from '../queries';

const SAYS: Record<Skill['standing'], string> = {
  signed: 'signed',
  under_supervisor: 'under a supervisor',
  ending: 'signed, ends soon',
  ended: 'has ended',
};

/** A skill as a head with its paint: crossed where it is signed, one thin stroke while it is learnt, a dashed bar below where it ends soon, pale with a broken edge where it has. */
export function SkillHead({ skill, size = 34 }: { skill: Skill; size?: number }) {
  const { standing } = skill;
  const strokes = standing === 'under_supervisor' ? (['attested_one_by_one'] as const) : (['measured_value', 'measured_value'] as const);
  return (
    <svg viewBox="0 0 40 44" width={size} height={size * 1.1} role="img" aria-label={SAYS[standing]} className="inline-block shrink-0">
      <g opacity={standing === 'ended' ? 0.45 : 1}>
        <BoltHead
          id={`${skill.family}${skill.method}`}
          x={20}
          y={20}
          fastener={undefined}
          mark={{ position: '', strokes: [...strokes], old: 0, fault: null }}
          scale={1}
          now={false}
          size={11}
        />
      </g>
      {standing === 'ended' && <circle cx={20} cy={20} r={17.5} fill="none" stroke="var(--ink-soft)" strokeWidth={1.6} strokeDasharray="5 4" />}
      {standing === 'ending' && <line x1={9} y1={41.5} x2={31} y2={41.5} stroke="var(--ink)" strokeWidth={2.4} strokeDasharray="4.2 2.4" />}
    </svg>
  );
}
