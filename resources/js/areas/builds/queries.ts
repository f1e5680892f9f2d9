import { useQuery } from '@tanstack/react-query';
import { answerOf, api, asForm } from '@/api/client';
import type { BuildFields, BuildState, Machining, Stand } from '@/api/types';
import type { Sketch } from '@/lib/drawing';
import { useCommand } from '@/ui/useCommand';

export const BUILDS = ['builds'] as const;
const BOARD_MS = 15_000;

/** Engines that are here, or those of one state, with the maps that they share. */
export function useStands(state?: BuildState) {
  return useQuery({
    queryKey: [...BUILDS, 'stands', state ?? 'here'],
    queryFn: () => answerOf(api.GET('/builds', { params: { query: state === undefined ? {} : { state } } })),
    refetchInterval: BOARD_MS,
  });
}

/** The map of the joint in hand; null where nothing is approved for it that could be drawn. */
export function mapOf(maps: Record<string, Sketch>, stand: Stand): Sketch | null {
  return maps[stand.hand?.drawn ?? ''] ?? null;
}

export function useBuild(id: string) {
  return useQuery({
    queryKey: [...BUILDS, id],
    queryFn: () => answerOf(api.GET('/builds/{build}', { params: { path: { build: id } } })),
    refetchInterval: BOARD_MS,
  });
}

export function useChoices(enabled: boolean) {
  return useQuery({ queryKey: [...BUILDS, 'choices'], queryFn: () => answerOf(api.GET('/builds/choices')), enabled, staleTime: 60_000 });
}

/** Job cards on paper that were printed for an engine. */
export function useCardsOf(build: string, enabled: boolean) {
  return useQuery({
    queryKey: [...BUILDS, build, 'cards'],
    queryFn: () => answerOf(api.GET('/cards', { params: { query: { build } } })),
    enabled,
    refetchInterval: BOARD_MS,
  }).data?.cards;
}

/** A command on builds; whatever comes of it, the lists are fetched again. */
export function useBuildCommand<T, Out = unknown>(command: (input: T) => Promise<Out>) {
  return useCommand(command, BUILDS);
}

export type Facts = {
  variant: string | null;
  order_number: string;
  core: string;
  received_on: string | null;
  due_on: string | null;
  machining: { what: Machining; joint: string | null; at: string }[];
  waits_for: string;
  note: string;
};

type Opened = Partial<Facts> & { id: string; serial: string; customer: string; build: number | null; waits: boolean; old_serials: string[] };

export function openBuild(input: Opened) {
  return answerOf(api.POST('/builds', { body: input }));
}

export function readTable(input: { text: string; customer: string | null; waits: boolean }) {
  return answerOf(api.POST('/builds/read', { body: input }));
}

export function openMany(id: string, engines: BuildFields[]) {
  return answerOf(api.POST('/builds/many', { body: { id, engines } }));
}

/** Heads and short blocks that are here, with the maps that they share. */
export function useSubassemblies() {
  return useQuery({ queryKey: [...BUILDS, 'subassemblies'], queryFn: () => answerOf(api.GET('/subassemblies')), refetchInterval: BOARD_MS });
}

export function openSubassembly(input: { id: string; family: string; kind: string; serial: string; customer: string | null }) {
  return answerOf(api.POST('/subassemblies', { body: input }));
}

/** What would come off an engine, what that costs, and what could go in. */
export function useExchange(build: string, kind: string) {
  return useQuery({
    queryKey: [...BUILDS, build, 'exchange', kind],
    queryFn: () => answerOf(api.GET('/builds/{build}/subassemblies/{kind}', { params: { path: { build, kind } } })),
    gcTime: 0,
  });
}

export function exchange(build: string, kind: string, what: { fit: string | null; serial: string; why: string }) {
  return answerOf(api.POST('/builds/{build}/subassemblies/{kind}', { params: { path: { build, kind } }, body: what }));
}

export const labelsOf = (builds: string[]) => `/api/builds/labels.pdf?builds=${builds.join(',')}`;

export function describeBuild(build: string, facts: Facts) {
  return answerOf(api.POST('/builds/{build}/facts', { params: { path: { build } }, body: facts }));
}

export function restamp(build: string, serial: string, why: string) {
  return answerOf(api.POST('/builds/{build}/restamp', { params: { path: { build } }, body: { serial, why } }));
}

export function giveJob(build: string, job: { id: string; joint: string; person: string; procedure: string | null }) {
  return answerOf(api.POST('/builds/{build}/assignments', { params: { path: { build } }, body: job }));
}

export function takeBackJob(assignment: string) {
  return answerOf(api.POST('/assignments/{assignment}/take-back', { params: { path: { assignment } } }));
}

export function chooseHardware(build: string, joint: string, procedure: string) {
  return answerOf(api.POST('/builds/{build}/joints/{joint}/hardware', { params: { path: { build, joint } }, body: { procedure } }));
}

export function askLetGo(build: string, joint: string, reason: string, customerReference: string) {
  return answerOf(
    api.POST('/builds/{build}/joints/{joint}/let-go', { params: { path: { build, joint } }, body: { reason, customer_reference: customerReference } }),
  );
}

type IntakeLine = { joint: string; opened: boolean; found: string; movements: { at: string; value: string }[] };

export function enterIntake(build: string, joints: IntakeLine[]) {
  return answerOf(api.POST('/builds/{build}/intake', { params: { path: { build } }, body: { joints } }));
}

export const paperOf = (build: string, joint: string) => `/api/builds/${build}/joints/${joint}/paper`;

export function keepPaper(build: string, joint: string, workedBy: string, workedOn: string, file: File) {
  return answerOf(
    api.POST('/builds/{build}/joints/{joint}/paper', {
      params: { path: { build, joint } },
      body: { worked_by: workedBy, worked_on: workedOn, file },
      bodySerializer: asForm,
    }),
  );
}

export function takeBackPaper(build: string, joint: string) {
  return answerOf(api.POST('/builds/{build}/joints/{joint}/paper/take-back', { params: { path: { build, joint } } }));
}

export const pictureOf = (picture: string) => `/api/build-pictures/${picture}`;

export function keepPicture(build: string, shows: string, file: File) {
  return answerOf(api.POST('/builds/{build}/pictures', { params: { path: { build } }, body: { shows, file }, bodySerializer: asForm }));
}

export function removePicture(picture: string) {
  return answerOf(api.POST('/build-pictures/{picture}/remove', { params: { path: { picture } } }));
}

export function printCard(card: { id: string; assignment: string }) {
  return answerOf(api.POST('/cards', { body: card }));
}

export function startBuild(build: string) {
  return answerOf(api.POST('/builds/{build}/start', { params: { path: { build } } }));
}

export function finishBuild(build: string) {
  return answerOf(api.POST('/builds/{build}/finish', { params: { path: { build } } }));
}

export function shipBuild(build: string) {
  return answerOf(api.POST('/builds/{build}/ship', { params: { path: { build } } }));
}

export function reopenBuild(build: string, reason: string) {
  return answerOf(api.POST('/builds/{build}/reopen', { params: { path: { build } }, body: { reason } }));
}

export function callOffBuild(build: string, reason: string) {
  return answerOf(api.POST('/builds/{build}/call-off', { params: { path: { build } }, body: { reason } }));
}

export const STATE_WORDS: Record<BuildState, string> = { received: 'come in', open: 'on a stand', finished: 'finished', shipped: 'shipped' };

/** What comes apart with a joint that is opened again, and what it costs. */
export function useOpening(build: string, joint: string) {
  return useQuery({
    queryKey: [...BUILDS, build, 'opening', joint],
    queryFn: () => answerOf(api.GET('/builds/{build}/joints/{joint}/opening', { params: { path: { build, joint } } })),
    gcTime: 0,
  });
}

export const openAgain = (build: string, joint: string, reason: string) =>
  answerOf(api.POST('/builds/{build}/joints/{joint}/opening', { params: { path: { build, joint } }, body: { reason } }));

/** How an engine was handed over last, from shift to shift; null where it never was. */
export function useHandedOver(build: string, enabled: boolean) {
  return useQuery({
    queryKey: [...BUILDS, build, 'handover'],
    enabled,
    queryFn: () => answerOf(api.GET('/builds/{build}/handover', { params: { path: { build } } })),
  }).data?.last;
}

/** Approved tables of the shop, for joints of class C that no procedure is written for. */
export function useTables() {
  return useQuery({ queryKey: [...BUILDS, 'tables'], queryFn: () => answerOf(api.GET('/library/general-tables')), staleTime: 60_000 });
}

type ByTable = { id: string; table: string; row: string; bolts: number; layout: string; person: string; class_c: boolean };

export function giveByTable(build: string, joint: string, by: ByTable) {
  return answerOf(api.POST('/builds/{build}/joints/{joint}/by-table', { params: { path: { build, joint } }, body: by }));
}

export function tellJoint(build: string, joint: string, told: { told: string; worked_by: string; worked_on: string }) {
  return answerOf(api.POST('/builds/{build}/joints/{joint}/told', { params: { path: { build, joint } }, body: told }));
}

export function takeBackTold(build: string, joint: string) {
  return answerOf(api.POST('/builds/{build}/joints/{joint}/told/take-back', { params: { path: { build, joint } } }));
}

/** Values that benches asked for at an engine. */
export function useAskedValues(build: string, enabled: boolean) {
  return useQuery({
    queryKey: [...BUILDS, build, 'values'],
    enabled,
    queryFn: () => answerOf(api.GET('/builds/{build}/values', { params: { path: { build } } })),
    refetchInterval: BOARD_MS,
  }).data?.asked;
}

export const answerValue = (asked: string, answer: string) => answerOf(api.POST('/values/{asked}/answer', { params: { path: { asked } }, body: { answer } }));
