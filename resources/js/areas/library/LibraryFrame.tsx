import { NavLink } from 'react-router';
import { ScreenOutlet } from '@/ui/ScreenOutlet';

const PLACES = [
  { to: '/library', name: 'Procedures', end: true },
  { to: '/library/sources', name: 'Sources and windows' },
  { to: '/library/conflicts', name: 'Conflicts' },
  { to: '/library/permits', name: 'Permits' },
  { to: '/library/workbench', name: 'Workbench' },
];

/** The library's rooms. */
export function LibraryFrame() {
  return (
    <>
      <nav aria-label="Library" className="no-print flex h-9 items-stretch gap-6 border-b border-hair px-7 text-[15px]">
        {PLACES.map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            end={place.end ?? false}
            className={({ isActive }) => `flex items-center ${isActive ? 'font-semibold' : 'text-soft hover:text-ink'}`}
          >
            {place.name}
          </NavLink>
        ))}
      </nav>
      <ScreenOutlet />
    </>
  );
}
