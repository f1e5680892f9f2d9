import type { LibraryFamily } from '@/api/types';
import { Checkbox } from '@/ui/Checkbox';

type Joints = LibraryFamily['joints'];
export type Resting = Record<string, string[]>;

export const restingOf = (joints: Joints): Resting => Object.fromEntries(joints.map((joint) => [joint.id, joint.rests_on]));

/** What rests on what: whoever opens a joint of an engine that came back has opened all that rests on it. */
export function RestingFields({ joints, resting, onChange }: { joints: Joints; resting: Resting; onChange: (next: Resting) => void }) {
  const put = (joint: string, on: string, rests: boolean) => {
    const others = (resting[joint] ?? []).filter((one) => one !== on);
    onChange({ ...resting, [joint]: rests ? [...others, on] : others });
  };
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">What rests on what: opened with it, when an engine comes back</legend>
      {joints.slice(1).map((joint, i) => (
        <fieldset key={joint.id} className="grid grid-cols-[9rem_1fr] items-baseline border-b border-hair py-1.5">
          <legend className="sr-only">{joint.name} rests on</legend>
          <span aria-hidden="true">{joint.name}</span>
          <span className="flex flex-wrap gap-x-4">
            {joints.slice(0, i + 1).map((beneath) => (
              <Checkbox
                key={beneath.id}
                className="text-[15px]"
                checked={resting[joint.id]?.includes(beneath.id) ?? false}
                onCheckedChange={(rests) => put(joint.id, beneath.id, rests)}
              >
                {beneath.name.toLowerCase()}
              </Checkbox>
            ))}
          </span>
        </fieldset>
      ))}
    </fieldset>
  );
}
