import { Rooms } from '@/ui/Rooms';

const ROOMS = [
  { to: '/crib', name: 'Board', end: true },
  { to: '/crib/table', name: 'Table' },
  { to: '/crib/cases', name: 'Cases' },
  { to: '/crib/lots', name: 'Lots' },
  { to: '/crib/standards', name: 'Standards and rules' },
  { to: '/crib/served', name: 'What no tool here can do' },
] as const;

/** The crib's rooms. */
export function CribFrame() {
  return <Rooms label="Crib" rooms={ROOMS} />;
}
