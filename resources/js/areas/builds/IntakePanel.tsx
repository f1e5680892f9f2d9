import { useState } from 'react';
import type { Build } from '@/api/types';
import { AddButton } from '@/ui/AddButton';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { RemoveButton } from '@/ui/RemoveButton';
import { BUILDS, enterIntake } from './queries';

type Moved = { at: string; value: string };
type Said = { opened: boolean; found: string; movements: Moved[] };
type Props = { build: Build; intake: NonNullable<Build['intake']>; onClose: () => void };

const NOTHING: Said = { opened: false, found: '', movements: [] };
const NO_MOVEMENT: Moved = { at: '', value: '' };

/** Of an engine that came back, before anything is loosened: what is opened and how it was found; the rest stays as the build before left it. */
export function IntakePanel({ build, intake, onClose }: Props) {
  const { said, put, openedBy, open } = useIntake(build, intake);
  // What is carried in a head that was fitted is said of that head.
  const joints = build.joints.filter((joint) => joint.within === null);
  return (
    <FormPanel
      title={`${build.title} is back`}
      note={`What is opened starts again; what is not stays as ${intake.before.title}, left it, and that record answers for it. Enter it before anything is loosened.`}
      verb="Keep it"
      wide
      onClose={onClose}
      refreshes={BUILDS}
      command={() =>
        enterIntake(
          build.id,
          joints.map(({ id }) => lineOf(id, open.has(id), said[id])),
        )
      }
    >
      <ul className="border-t border-hair">
        {joints.map((joint) => {
          const by = openedBy(joint.id);
          return (
            <li key={joint.id} className="border-b border-hair py-3">
              <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <Checkbox checked={open.has(joint.id)} onCheckedChange={(opened) => put(joint.id, { opened })}>
                  <b>{joint.name}</b> is opened
                </Checkbox>
                {by !== null && <span className="text-soft">with {by.toLowerCase()}: it rests on that</span>}
              </div>
              {open.has(joint.id) && <Found joint={joint.name} said={said[joint.id] ?? NOTHING} onPut={(next) => put(joint.id, next)} />}
            </li>
          );
        })}
      </ul>
    </FormPanel>
  );
}

/** How it was found, and at which torque each bolt first moved: told, and never judged by the windows of a tightening. */
function Found({ joint, said, onPut }: { joint: string; said: Said; onPut: (next: Partial<Said>) => void }) {
  const { movements } = said;
  const put = (i: number, next: Partial<Moved>) => onPut({ movements: movements.map((m, at) => (at === i ? { ...m, ...next } : m)) });
  return (
    <div className="mt-2 flex flex-col gap-2">
      <Field label={`How ${joint.toLowerCase()} was found`} value={said.found} onChange={(e) => onPut({ found: e.target.value })} />
      {movements.map((moved, i) => (
        <div key={i} className="grid grid-cols-[8rem_10rem_auto] items-end justify-start gap-2">
          <Field label="First moved: bolt" value={moved.at} onChange={(e) => put(i, { at: e.target.value })} />
          <Field label="at, with its unit" value={moved.value} onChange={(e) => put(i, { value: e.target.value })} placeholder="28 N·m" />
          <RemoveButton label={`Take first movement ${String(i + 1)} out`} onClick={() => onPut({ movements: movements.filter((_, at) => at !== i) })} />
        </div>
      ))}
      <AddButton
        text={movements.length === 0 ? 'A bolt was felt as it first moved' : 'Another bolt'}
        className="self-start"
        onAdd={() => onPut({ movements: [...movements, NO_MOVEMENT] })}
      />
    </div>
  );
}

/** A line that was begun and left empty says nothing; half of one is sent, and refused by its name. */
function lineOf(joint: string, opened: boolean, said: Said = NOTHING) {
  const movements = said.movements.filter((m) => m.at.trim() !== '' || m.value.trim() !== '');
  return opened ? { joint, opened, found: said.found, movements } : { joint, opened, found: '', movements: [] };
}

/** What was ticked, and what is opened with it, as the family says what rests on what. */
function useIntake(build: Build, intake: Props['intake']) {
  const [said, setSaid] = useState<Record<string, Said>>(() => Object.fromEntries(build.joints.map((one) => [one.id, saidOf(one)])));
  const put = (joint: string, next: Partial<Said>) => setSaid((now) => ({ ...now, [joint]: { ...(now[joint] ?? NOTHING), ...next } }));
  const ticked = intake.opens.filter((o) => said[o.joint]?.opened);
  const open = new Set(ticked.flatMap((o) => [o.joint, ...o.with]));
  const openedBy = (joint: string) => {
    const by = ticked.find((o) => o.joint !== joint && o.with.includes(joint));
    return by === undefined ? null : (build.joints.find((one) => one.id === by.joint)?.name ?? null);
  };
  return { said, put, openedBy, open };
}

function saidOf({ returned, given }: Build['joints'][number]): Said {
  return { opened: returned?.opened ?? given !== null, found: returned?.found ?? '', movements: returned?.movements ?? [] };
}
