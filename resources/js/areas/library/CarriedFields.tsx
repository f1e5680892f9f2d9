import type { LibraryFamily } from '@/api/types';

type Joints = LibraryFamily['joints'];
type One = { carried_in: string; holds: string };
export type Carried = Record<string, One>;

export const carriedOf = (joints: Joints): Carried => Object.fromEntries(joints.map(({ id, carried_in, holds }) => [id, { carried_in, holds }]));

/** Which joints are carried in a head or a short block that is tightened by itself, and which joint holds that to the engine. */
export function CarriedFields({ joints, carried, onChange }: { joints: Joints; carried: Carried; onChange: (next: Carried) => void }) {
  const put = (joint: string, field: keyof One, value: string) =>
    onChange({ ...carried, [joint]: { carried_in: '', holds: '', ...carried[joint], [field]: value } });
  const cell = (joint: Joints[number], field: keyof One, says: string) => (
    <td className="py-1 pl-3">
      <input
        aria-label={`${joint.name} ${says}`}
        maxLength={40}
        value={carried[joint.id]?.[field] ?? ''}
        onChange={(e) => put(joint.id, field, e.target.value)}
        className="h-9 w-full rounded border border-line bg-sheet px-2.5"
      />
    </td>
  );
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Heads and short blocks that are tightened by themselves</legend>
      <table className="w-full">
        <thead>
          <tr className="text-left text-sm text-soft">
            <th className="font-normal">joint</th>
            <th className="pl-3 font-normal">is carried in a</th>
            <th className="pl-3 font-normal">or holds one to the engine</th>
          </tr>
        </thead>
        <tbody>
          {joints.map((joint) => (
            <tr key={joint.id} className="border-b border-hair">
              <td>{joint.name}</td>
              {cell(joint, 'carried_in', 'is carried in a')}
              {cell(joint, 'holds', 'holds a')}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">Written alike, they are one: “Head”, “Short block”. Empty: the engine’s own.</p>
    </fieldset>
  );
}
