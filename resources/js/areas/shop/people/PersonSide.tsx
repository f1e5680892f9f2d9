import { type ReactNode, useState } from 'react';
import { useMay, useMe, useZone } from '@/api/session';
import type { PeopleAndBenches } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { type Person, useUnlockPin } from '../queries';
import { standsAs, worksAtBench } from '../words';
import { BadgePanel, ComeBackPanel, RenamePanel, RolesPanel } from './ChangePanels';
import { LeavePanel } from './LeavePanel';
import { PersonSkills } from './PersonSkills';
import { LinkPanel, PinPanel } from './SecretPanels';
import { SkillPanel } from './SkillPanel';

type Props = { person: Person; sheet: PeopleAndBenches };
type Open = 'skill' | 'pin' | 'link' | 'badge' | 'name' | 'roles' | 'leave' | 'back' | null;

/** One person: what they may do, how they come in, and the ways to change it. */
export function PersonSide({ person, sheet }: Props) {
  const [open, setOpen] = useState<Open>(null);
  const may = useMay();
  return (
    <>
      <div className="flex items-baseline justify-between gap-4 border-b border-line pb-2">
        <h2 className="text-[22px] font-semibold">{person.name}</h2>
        <span className="text-right text-soft">{about(person)}</span>
      </div>
      {person.left_at !== null ? (
        <Gone person={person} onBack={may('keep-people') ? () => setOpen('back') : null} />
      ) : (
        <Here person={person} sheet={sheet} onOpen={setOpen} />
      )}
      <OpenPanel open={open} person={person} sheet={sheet} onClose={() => setOpen(null)} />
    </>
  );
}

const about = (p: Person) =>
  [p.badge === null ? null : `badge ${p.badge}`, p.shift === null ? null : `${p.shift} shift`, p.badge === null ? standsAs(p) : null]
    .filter((t) => t !== null && t !== '')
    .join(', ');

function Gone({ person, onBack }: { person: Person; onBack: (() => void) | null }) {
  const zone = useZone();
  return (
    <>
      <p className="mt-3">Left on {day(person.left_at ?? '', zone)}. What was done and signed here stays under this name.</p>
      {onBack && (
        <Button className="mt-4" onClick={onBack}>
          Take them back
        </Button>
      )}
    </>
  );
}

function Here({ person, sheet, onOpen }: Props & { onOpen: (open: Open) => void }) {
  const may = useMay();
  const me = useMe();
  return (
    <>
      {worksAtBench(person) && (
        <PersonSkills person={person} families={sheet.families} onSign={may('sign-skills') && person.id !== me.id ? () => onOpen('skill') : null} />
      )}
      {may('keep-people') && (
        <>
          <WaysIn person={person} onOpen={onOpen} />
          <div className="mt-6 flex flex-wrap gap-2.5">
            <Button onClick={() => onOpen('name')}>Rename</Button>
            <Button onClick={() => onOpen('badge')}>{person.badge === null ? 'Give a badge' : 'Another badge'}</Button>
            <Button onClick={() => onOpen('roles')}>Where they stand</Button>
            {person.id !== me.id && <Button onClick={() => onOpen('leave')}>They leave</Button>}
          </div>
        </>
      )}
    </>
  );
}

const PIN = { none: 'No PIN yet', given: 'A PIN was handed out; the first sign-in asks for one of their own', own: 'A PIN of their own' };
const PASSWORD = { none: 'No password yet', link: 'A link is out; no password yet', own: 'A password of their own' };

function WaysIn({ person, onOpen }: { person: Person; onOpen: (open: Open) => void }) {
  const unlock = useUnlockPin();
  return (
    <section aria-label="Ways in" className="mt-5">
      <h3 className="border-b border-line pb-1 font-semibold">How they come in</h3>
      {person.badge !== null && (
        <Way text={person.pin_locked ? 'The PIN is locked after wrong tries' : PIN[person.pin]}>
          {person.pin_locked && (
            <Button small onClick={() => unlock.mutate(person.id)}>
              Unlock PIN
            </Button>
          )}
          <Button small onClick={() => onOpen('pin')}>
            {person.pin === 'none' ? 'Give a PIN' : 'New PIN'}
          </Button>
        </Way>
      )}
      {person.sign_in_name !== null && (
        <Way text={`${PASSWORD[person.password]}, as “${person.sign_in_name}”`}>
          <Button small onClick={() => onOpen('link')}>
            Password link
          </Button>
        </Way>
      )}
      {person.badge === null && person.sign_in_name === null && <p className="py-2 text-soft">No way: give a badge or a sign-in name.</p>}
      <Refusal of={unlock} />
    </section>
  );
}

function Way({ text, children }: { text: string; children: ReactNode }) {
  return (
    <div className="flex min-h-11 items-center justify-between gap-3 border-b border-hair py-1.5">
      <span className="text-soft">{text}</span>
      <span className="flex shrink-0 gap-2">{children}</span>
    </div>
  );
}

function OpenPanel({ open, person, sheet, onClose }: Props & { open: Open; onClose: () => void }) {
  switch (open) {
    case null:
      return null;
    case 'skill':
      return <SkillPanel person={person} families={sheet.families} onClose={onClose} />;
    case 'pin':
      return <PinPanel person={person} onClose={onClose} />;
    case 'link':
      return <LinkPanel person={person} onClose={onClose} />;
    case 'badge':
      return <BadgePanel person={person} onClose={onClose} />;
    case 'name':
      return <RenamePanel person={person} onClose={onClose} />;
    case 'roles':
      return <RolesPanel person={person} onClose={onClose} />;
    case 'leave':
      return <LeavePanel person={person} people={sheet.people} onClose={onClose} />;
    case 'back':
      return <ComeBackPanel person={person} onClose={onClose} />;
  }
}
