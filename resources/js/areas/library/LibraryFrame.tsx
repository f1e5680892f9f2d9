import { Rooms } from '@/ui/Rooms';

const ROOMS = [
  { to: '/library', name: 'Procedures', end: true },
  { to: '/library/sources', name: 'Sources and windows' },
  { to: '/library/general-tables', name: 'General tables' },
  { to: '/library/conflicts', name: 'Conflicts' },
  { to: '/library/permits', name: 'Permits' },
  { to: '/library/workbench', name: 'Workbench' },
] as const;

/** The library's rooms. */
export function LibraryFrame() {
  return <Rooms label="Library" rooms={ROOMS} />;
}
