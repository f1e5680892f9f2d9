import { useState } from 'react';
import { useZone } from '@/api/session';
import { dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { FormPanel } from '@/ui/FormPanel';
import { Panel } from '@/ui/Panel';
import { useForm } from '@/ui/useForm';
import { PEOPLE, type Person, giveLink, givePin } from '../queries';
import { OwnPassword } from './OwnPassword';

type Props = { person: Person; onClose: () => void };

/** A PIN by chance, shown once. */
export function PinPanel({ person, onClose }: Props) {
  const [pin, setPin] = useState<string | null>(null);
  const { form, bind } = useForm({ password: '' });
  if (pin !== null) return <PinShown name={person.name} pin={pin} onClose={onClose} />;
  return (
    <FormPanel
      title={`A PIN for ${person.name}`}
      note={`It is drawn by chance and shown to you once.${person.pin === 'none' ? '' : ' The one before is good no more.'}`}
      verb="Draw a PIN"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => givePin(person.id, form.password)}
      onDone={(done) => setPin(done.pin)}
    >
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}

export function PinShown({ name, pin, onClose }: { name: string; pin: string; onClose: () => void }) {
  return (
    <Panel
      title={`Tell ${name} this PIN`}
      note="It is shown here once and kept nowhere. Their first sign-in at a bench asks for one of their own in its place."
      open
      onClose={onClose}
    >
      <p className="my-4 text-center text-5xl font-semibold tracking-[0.12em] tabular-nums">{`${pin.slice(0, 3)} ${pin.slice(3)}`}</p>
      <Button look="main" onClick={onClose}>
        Done
      </Button>
    </Panel>
  );
}

/** A link to a password, shown once. */
export function LinkPanel({ person, onClose }: Props) {
  const [made, setMade] = useState<{ path: string; until: string } | null>(null);
  const { form, bind } = useForm({ password: '' });
  if (made !== null) return <LinkShown name={person.name} made={made} onClose={onClose} />;
  return (
    <FormPanel
      title={`A password link for ${person.name}`}
      note="Whoever opens it sets the password, once, within three days. Links made before are good no more."
      verb="Make the link"
      onClose={onClose}
      refreshes={PEOPLE}
      command={() => giveLink(person.id, form.password)}
      onDone={setMade}
    >
      <OwnPassword {...bind('password')} />
    </FormPanel>
  );
}

export function LinkShown({ name, made, onClose }: { name: string; made: { path: string; until: string }; onClose: () => void }) {
  const zone = useZone();
  const link = `${location.origin}${made.path}`;
  const [copied, setCopied] = useState(false);
  return (
    <Panel
      title={`Hand this link to ${name}`}
      note={`It is shown here once. It sets a password once, until ${dayAndTime(made.until, zone)}.`}
      open
      onClose={onClose}
    >
      <p className="rounded border border-line bg-sheet px-3 py-2 text-sm break-all select-all">{link}</p>
      <div className="mt-4 flex items-center gap-3">
        <Button
          look="main"
          onClick={() => {
            void navigator.clipboard.writeText(link).then(() => setCopied(true));
          }}
        >
          Copy it
        </Button>
        <Button onClick={onClose}>Done</Button>
        <span role="status" className="text-soft">
          {copied ? 'Copied.' : ''}
        </span>
      </div>
    </Panel>
  );
}
