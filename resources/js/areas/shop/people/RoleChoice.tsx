import { Checkbox } from '@/ui/Checkbox';
import type { RoleName } from '../queries';
import { ROLES } from '../words';

/** Where somebody stands: one place or several, each with what it means. */
export function RoleChoice({ chosen, onChange }: { chosen: RoleName[]; onChange: (roles: RoleName[]) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Stands as</legend>
      {ROLES.map((role) => (
        <Checkbox
          key={role.value}
          className="py-0.5"
          checked={chosen.includes(role.value)}
          onCheckedChange={(on) => onChange(on ? [...chosen, role.value] : chosen.filter((r) => r !== role.value))}
        >
          <span>
            {role.text} <span className="text-soft">– {role.about}</span>
          </span>
        </Checkbox>
      ))}
    </fieldset>
  );
}
