import { useMay } from '@/api/session';
import { Rooms } from '@/ui/Rooms';
import { ScreenOutlet } from '@/ui/ScreenOutlet';

const ROOMS = [
  { to: '/people', name: 'Who may do what', end: true },
  { to: '/people/shifts', name: 'Shifts and leave' },
  { to: '/people/customers', name: 'Customers and readers' },
  { to: '/people/benches', name: 'Benches and server' },
  { to: '/people/shop', name: 'The shop' },
] as const;

/** The rooms of those who keep people; an approver comes to sign skills, and finds one room. */
export function PeopleFrame() {
  const may = useMay();
  return may('keep-people') ? <Rooms label="People" rooms={ROOMS} /> : <ScreenOutlet />;
}
