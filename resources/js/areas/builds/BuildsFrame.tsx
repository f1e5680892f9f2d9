import { Rooms } from '@/ui/Rooms';

const ROOMS = [
  { to: '/builds', name: 'Stands', end: true },
  { to: '/builds/subassemblies', name: 'Heads and blocks' },
  { to: '/builds/shipped', name: 'Shipped' },
] as const;

/** Where engines are: here on their stands, or gone. */
export function BuildsFrame() {
  return <Rooms label="Builds" rooms={ROOMS} />;
}
