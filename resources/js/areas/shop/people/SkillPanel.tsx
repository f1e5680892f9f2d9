import type { PeopleAndBenches } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { useForm } from '@/ui/useForm';
import { type Method, PEOPLE, type Person, type Skill, type SkillTerms, signSkill } from '../queries';
import { EARNED, METHODS } from '../words';

type Props = { person: Person; families: PeopleAndBenches['families']; onClose: () => void };

const EMPTY = { family: '', method: '', earned: 'certificate', note: '', builds: '', wanted: '2', valid_until: '' };

/** What was typed that belongs to how it was earned. */
function termsOf(form: typeof EMPTY): SkillTerms {
  const earned = form.earned as Skill['earned'];
  return {
    family: form.family,
    method: form.method as Method,
    earned,
    wanted: earned === 'learning' ? Number(form.wanted) || 0 : null,
    builds: earned === 'certificate' ? [] : form.builds.split(/[\s,;]+/).filter((b) => b !== ''),
    note: earned === 'certificate' && form.note.trim() !== '' ? form.note : null,
    valid_until: earned === 'learning' || form.valid_until === '' ? null : form.valid_until,
  };
}

/** What somebody may do from now on, and how they came to it. */
export function SkillPanel({ person, families, onClose }: Props) {
  const { form, bind, put } = useForm(EMPTY);
  const of = form.earned as Skill['earned'];
  return (
    <FormPanel
      title={`What ${person.name} may do`}
      note="It takes the place of what was signed for this family and method before."
      verb="Sign it"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => signSkill(person.id, termsOf(form))}
    >
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label="Engines of"
          value={form.family}
          onChange={put('family')}
          placeholder="Choose"
          options={families.map((f) => ({ value: f.code, text: f.name }))}
        />
        <Choice label="By" value={form.method} onChange={put('method')} placeholder="Choose" options={METHODS} />
      </div>
      <Choice label="Earned by" value={form.earned} onChange={put('earned')} placeholder="Choose" options={EARNED} />
      {of === 'certificate' && <Field label="Which certificate" {...bind('note')} placeholder="who gave it, its number, its day" />}
      {of !== 'certificate' && (
        <Field
          label={of === 'learning' ? 'Builds done so far, by serial' : 'On which builds, by serial'}
          {...bind('builds')}
          placeholder="HG4-26-0104, HG4-26-0117"
        />
      )}
      {of === 'learning' ? (
        <Field label="Builds wanted before somebody signs" inputMode="numeric" {...bind('wanted')} />
      ) : (
        <Field label="Holds until, that day included; empty: it does not end" type="date" {...bind('valid_until')} />
      )}
    </FormPanel>
  );
}
