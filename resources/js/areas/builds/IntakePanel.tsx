import { useState } from 'react';
import type { Build } from '@/api/types';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { BUILDS, enterIntake } from './queries';

/** Of several first movements the first is typed here; the others stay as they were sent. */
type Said = { opened: boolean; found: string; at: string; value: string; more: { at: string; value: string }[] };
type Props = { build: Build; intake: NonNullable<Build['intake']>; onClose: () => void };

/** Of an engine that came back, before anything is loosened: what is opened and how it was found; the rest stays as the build before left it. */
export function IntakePanel({ build, intake, onClose }: Props) {
  const { said, put, openedBy, open } = useIntake(build, intake);
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
          build.joints.map((joint) => lineOf(joint.id, open.has(joint.id), said[joint.id])),
        )
      }
    >
      <ul className="border-t border-hair">
        {build.joints.map((joint) => {
          const by = openedBy(joint.id);
          const one = said[joint.id] ?? NOTHING;
          return (
            <li key={joint.id} className="border-b border-hair py-3">
              <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <Checkbox checked={open.has(joint.id)} onCheckedChange={(opened) => put(joint.id, { opened })}>
                  <b>{joint.name}</b> is opened
                </Checkbox>
                {by !== null && <span className="text-soft">with {by.toLowerCase()}: it rests on that</span>}
              </div>
              {open.has(joint.id) && <Found joint={joint.name} said={one} onPut={(next) => put(joint.id, next)} />}
            </li>
          );
        })}
      </ul>
    </FormPanel>
  );
}

const NOTHING: Said = { opened: false, found: '', at: '', value: '', more: [] };

/** How it was found, and at which torque a bolt first moved: told, and never judged by the windows of a tightening. */
function Found({ joint, said, onPut }: { joint: string; said: Said; onPut: (next: Partial<Said>) => void }) {
  return (
    <div className="mt-2 grid gap-3 sm:grid-cols-[1fr_8rem_9rem]">
      <Field label={`How ${joint.toLowerCase()} was found`} value={said.found} onChange={(e) => onPut({ found: e.target.value })} />
      <Field label="First moved: bolt" value={said.at} onChange={(e) => onPut({ at: e.target.value })} />
      <Field label="at, with its unit" value={said.value} onChange={(e) => onPut({ value: e.target.value })} placeholder="28 N·m" />
    </div>
  );
}

function lineOf(joint: string, opened: boolean, said: Said = NOTHING) {
  const moved = opened && (said.at.trim() !== '' || said.value.trim() !== '');
  return { joint, opened, found: opened ? said.found : '', movements: opened ? [...(moved ? [{ at: said.at, value: said.value }] : []), ...said.more] : [] };
}

function saidOf({ returned, given }: Build['joints'][number]): Said {
  const [first, ...more] = returned?.movements ?? [];
  return { opened: returned?.opened ?? given !== null, found: returned?.found ?? '', at: first?.at ?? '', value: first?.value ?? '', more };
}

/** What was ticked, and what is opened with it, as the family says what rests on what. */
function useIntake(build: Build, intake: Props['intake']) {
  const [said, setSaid] = useState<Record<string, Said>>(() => Object.fromEntries(build.joints.map((j) => [j.id, saidOf(j)])));
  const put = (joint: string, next: Partial<Said>) => setSaid((now) => ({ ...now, [joint]: { ...(now[joint] ?? NOTHING), ...next } }));
  const ticked = intake.opens.filter((o) => said[o.joint]?.opened);
  const open = new Set(ticked.flatMap((o) => [o.joint, ...o.with]));
  const openedBy = (joint: string) => {
    const by = ticked.find((o) => o.joint !== joint && o.with.includes(joint));
    return by === undefined ? null : (build.joints.find((j) => j.id === by.joint)?.name ?? null);
  };
  return { said, put, openedBy, open };
}
