import type { Method, Person, RoleName, Skill } from './queries';

export const ROLES: { value: RoleName; text: string; about: string }[] = [
  { value: 'assembler', text: 'assembler', about: 'carries procedures out at a bench' },
  { value: 'lead', text: 'quality lead', about: 'keeps library, people and builds' },
  { value: 'approver', text: 'approver', about: 'signs what somebody else wrote' },
  { value: 'crib_keeper', text: 'crib keeper', about: 'keeps the tools' },
  { value: 'reader', text: 'reader', about: 'reads the record, changes nothing' },
];

export const METHODS: { value: Method; text: string }[] = [
  { value: 'torque', text: 'torque' },
  { value: 'angle', text: 'angle' },
  { value: 'stretch', text: 'stretch' },
  { value: 'held', text: 'held' },
  { value: 'locker', text: 'locker' },
];

export const EARNED: { value: Skill['earned']; text: string }[] = [
  { value: 'certificate', text: 'an outside certificate' },
  { value: 'supervised', text: 'builds under a supervisor' },
  { value: 'learning', text: 'still learning, under a supervisor' },
];

const NUMBERS = ['nobody', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** How many, as one says it; digits beyond twelve. */
export const inWords = (n: number): string => NUMBERS[n] ?? String(n);

export const worksAtBench = (person: Person): boolean => person.roles.includes('assembler');

/** "quality lead, crib keeper" */
export const standsAs = (person: Person): string =>
  ROLES.filter((r) => person.roles.includes(r.value))
    .map((r) => r.text)
    .join(', ');
