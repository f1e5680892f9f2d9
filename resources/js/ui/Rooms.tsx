import { NavLink } from 'react-router';
import { ScreenOutlet } from './ScreenOutlet';

export type Room = { to: string; name: string; end?: boolean };

/** The rooms of a place, by name, and the one that one is in below them. */
export function Rooms({ label, rooms }: { label: string; rooms: readonly Room[] }) {
  return (
    <>
      <nav aria-label={label} className="no-print flex h-9 items-stretch gap-6 border-b border-hair px-7 text-[15px]">
        {rooms.map((room) => (
          <NavLink
            key={room.to}
            to={room.to}
            end={room.end ?? false}
            className={({ isActive }) => `flex items-center ${isActive ? 'font-semibold' : 'text-soft hover:text-ink'}`}
          >
            {room.name}
          </NavLink>
        ))}
      </nav>
      <ScreenOutlet />
    </>
  );
}
