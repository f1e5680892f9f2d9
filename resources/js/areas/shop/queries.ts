import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import { SESSION } from '@/api/session';
import type { PeopleAndBenches, ShopSettings, Shift } from '@/api/types';
import { useCommand } from '@/ui/useCommand';

export const PEOPLE = ['people'] as const;
export const SHOP = ['shop'] as const;
export const STEPS = ['first-steps'] as const;
/** What the library shows is fetched again, too. */
export const LIBRARY = ['library'] as const;
const MACHINE_MS = 30_000;

export type Person = PeopleAndBenches['people'][number];
export type RoleName = Person['roles'][number];
export type Skill = Person['skills'][number];
export type Method = Skill['method'];

export const usePeople = () => useQuery({ queryKey: PEOPLE, queryFn: () => answerOf(api.GET('/people')) });
export const useShop = () => useQuery({ queryKey: SHOP, queryFn: () => answerOf(api.GET('/shop')) });
export const useSteps = () => useQuery({ queryKey: STEPS, queryFn: () => answerOf(api.GET('/first-steps')) });

export function useMachine() {
  return useQuery({ queryKey: ['machine'], queryFn: () => answerOf(api.GET('/machine')), refetchInterval: MACHINE_MS });
}

const at = (person: string) => ({ params: { path: { person } } });

export const addPerson = (body: {
  name: string;
  sign_in_name: string | null;
  badge: string | null;
  roles: RoleName[];
  customer: string | null;
  password: string;
}) => answerOf(api.POST('/people', { body }));
export const rename = (person: string, body: { name: string; sign_in_name: string | null }) =>
  answerOf(api.POST('/people/{person}/rename', { ...at(person), body }));
export const giveBadge = (person: string, badge: string | null) => answerOf(api.POST('/people/{person}/badge', { ...at(person), body: { badge } }));
export const setRoles = (person: string, body: { roles: RoleName[]; password: string }) =>
  answerOf(api.POST('/people/{person}/roles', { ...at(person), body }));
export const givePin = (person: string, password: string) => answerOf(api.POST('/people/{person}/pin', { ...at(person), body: { password } }));
export const giveLink = (person: string, password: string) => answerOf(api.POST('/people/{person}/link', { ...at(person), body: { password } }));
export const leave = (person: string, body: { successor: string | null; password: string }) =>
  answerOf(api.POST('/people/{person}/leave', { ...at(person), body }));
export const comeBack = (person: string, body: { roles: RoleName[]; password: string }) =>
  answerOf(api.POST('/people/{person}/come-back', { ...at(person), body }));
export const enterAbsence = (person: string, body: { first_day: string; last_day: string }) =>
  answerOf(api.POST('/people/{person}/absences', { ...at(person), body }));

export type SkillTerms = {
  family: string;
  method: Method;
  earned: Skill['earned'];
  wanted: number | null;
  builds: string[];
  note: string | null;
  valid_until: string | null;
};
export const signSkill = (person: string, body: SkillTerms) => answerOf(api.POST('/people/{person}/skills', { ...at(person), body }));

export const addCustomer = (name: string) => answerOf(api.POST('/customers', { body: { name } }));
export const renameCustomer = (customer: string, name: string) =>
  answerOf(api.POST('/customers/{customer}/rename', { params: { path: { customer } }, body: { name } }));

export const setShop = (shop: ShopSettings) => answerOf(api.POST('/shop', { body: { shop } }));
export const setShifts = (shifts: Shift[]) => answerOf(api.POST('/shop/shifts', { body: { shifts } }));

export const letSkillsDecide = (decide: boolean) => answerOf(api.POST('/shop/skills', { body: { decide } }));

export function useHoldings(person: string) {
  return useQuery({ queryKey: [...PEOPLE, person, 'holdings'], queryFn: () => answerOf(api.GET('/people/{person}/holdings', at(person))) });
}

export function useShift() {
  return useCommand(
    ({ person, shift }: { person: string; shift: string | null }) => answerOf(api.POST('/people/{person}/shift', { ...at(person), body: { shift } })),
    PEOPLE,
  );
}

export function useEndSkill() {
  return useCommand((skill: string) => answerOf(api.POST('/skills/{skill}/end', { params: { path: { skill } } })), PEOPLE);
}

export function useCancelAbsence() {
  return useCommand((absence: string) => answerOf(api.POST('/absences/{absence}/cancel', { params: { path: { absence } } })), PEOPLE);
}

export function useUnlockPin() {
  return useCommand((person: string) => answerOf(api.POST('/people/{person}/unlock', at(person))), PEOPLE);
}

export function usePutStep() {
  return useCommand(
    ({ step, as }: { step: string; as: 'open' | 'later' | 'not_needed' }) =>
      answerOf(api.POST('/first-steps/{step}', { params: { path: { step } }, body: { as } })),
    STEPS,
  );
}

type Terms = { person: string; classes: ('A' | 'B' | 'C')[]; from_time: string; until_time: string; first_day: string; last_day: string };

export const nameDeputy = (terms: Terms) => answerOf(api.POST('/deputies', { body: terms }));

export function useEndDeputy() {
  return useCommand((deputy: string) => answerOf(api.POST('/deputies/{deputy}/end', { params: { path: { deputy } } })), PEOPLE);
}

/** A command on benches. This very browser may be one: what it knows of itself is fetched again as well. */
function useBenchCommand<In>(command: (input: In) => Promise<unknown>) {
  return useCommand(command, PEOPLE, SESSION, STEPS);
}

export function useEnrol() {
  return useBenchCommand((name: string) => answerOf(api.POST('/devices', { body: { name } })));
}

export function useRevoke() {
  return useBenchCommand((device: string) => answerOf(api.POST('/devices/{device}/revoke', { params: { path: { device } } })));
}
