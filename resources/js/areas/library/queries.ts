import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { MadeToBuild } from '@/api/types';
import { useCommand } from '@/ui/useCommand';

export const LIBRARY = ['library'] as const;

export function useProcedureList(asked: { find?: string; family?: string; state?: string; page?: string }) {
  return useQuery({
    queryKey: [...LIBRARY, 'list', asked],
    queryFn: () => answerOf(api.GET('/library', { params: { query: asked } })),
    placeholderData: keepPreviousData,
  });
}

export function useFamilies() {
  return useQuery({ queryKey: [...LIBRARY, 'families'], queryFn: () => answerOf(api.GET('/library/families')) });
}

export function useProcedure(id: string | undefined) {
  return useQuery({
    queryKey: [...LIBRARY, 'procedure', id],
    queryFn: () => answerOf(api.GET('/library/procedures/{procedure}', { params: { path: { procedure: id ?? '' } } })),
    enabled: id !== undefined,
  });
}

export function useRevision(id: string | undefined) {
  return useQuery({
    queryKey: [...LIBRARY, 'revision', id],
    queryFn: () => answerOf(api.GET('/library/revisions/{revision}', { params: { path: { revision: id ?? '' } } })),
    enabled: id !== undefined,
  });
}

export function useChanges(old: string, now: string) {
  return useQuery({
    queryKey: [...LIBRARY, 'changes', old, now],
    queryFn: () => answerOf(api.GET('/library/compare', { params: { query: { old, new: now } } })),
  });
}

export type MadeTo = { by: { id: string; letter: string } | null; builds: MadeToBuild[] };

export function useMadeTo(id: string) {
  return useQuery({
    queryKey: [...LIBRARY, 'made-to', id],
    queryFn: () => answerOf(api.GET('/library/revisions/{revision}/builds', { params: { path: { revision: id } } })),
  });
}

export function useSources() {
  return useQuery({ queryKey: [...LIBRARY, 'sources'], queryFn: () => answerOf(api.GET('/library/sources')) });
}

export function useConflicts() {
  return useQuery({ queryKey: [...LIBRARY, 'conflicts'], queryFn: () => answerOf(api.GET('/library/conflicts')) });
}

export function usePermits() {
  return useQuery({ queryKey: [...LIBRARY, 'permits'], queryFn: () => answerOf(api.GET('/library/permits')) });
}

/** A command on the library; whatever comes of it, what is shown of the library is fetched again. */
export function useLibraryCommand<In, Out = unknown>(command: (input: In) => Promise<Out>) {
  return useCommand(command, LIBRARY);
}

/** Torques of the shop for joints of class C that no procedure is written for. */
export function useGeneralTables() {
  return useQuery({ queryKey: [...LIBRARY, 'general-tables'], queryFn: () => answerOf(api.GET('/library/general-tables')) });
}

type AskedTable = { code: string; source: string; condition: string; tolerance: string; rows: string; although: string };

export const askTable = (body: AskedTable) => answerOf(api.POST('/library/general-tables', { body }));

export const approveTable = (table: string, password: string) =>
  answerOf(api.POST('/library/general-tables/{table}/approve', { params: { path: { table } }, body: { password } }));

export const withdrawTable = (table: string, why: string) =>
  answerOf(api.POST('/library/general-tables/{table}/withdraw', { params: { path: { table } }, body: { why } }));
