import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { get } from '@/api/client';
import type { Change, ConflictRow, LibraryFamily, MadeToBuild, Permit, ProcedureListing, ProcedureSheet, RevisionSheet, Source, Standard } from '@/api/types';

export const LIBRARY = ['library'] as const;

export function useProcedureList(asked: string) {
  return useQuery({ queryKey: [...LIBRARY, 'list', asked], queryFn: () => get<ProcedureListing>(`library?${asked}`), placeholderData: keepPreviousData });
}

export function useFamilies() {
  return useQuery({ queryKey: [...LIBRARY, 'families'], queryFn: () => get<{ families: LibraryFamily[] }>('library/families') });
}

export function useProcedure(id: string | undefined) {
  return useQuery({
    queryKey: [...LIBRARY, 'procedure', id],
    queryFn: () => get<ProcedureSheet>(`library/procedures/${id ?? ''}`),
    enabled: id !== undefined,
  });
}

export function useRevision(id: string | undefined) {
  return useQuery({
    queryKey: [...LIBRARY, 'revision', id],
    queryFn: () => get<RevisionSheet>(`library/revisions/${id ?? ''}`),
    enabled: id !== undefined,
  });
}

export function useChanges(old: string, now: string) {
  return useQuery({ queryKey: [...LIBRARY, 'changes', old, now], queryFn: () => get<{ changes: Change[] }>(`library/compare?old=${old}&new=${now}`) });
}

export type MadeTo = { by: { id: string; letter: string } | null; builds: MadeToBuild[] };

export function useMadeTo(id: string) {
  return useQuery({ queryKey: [...LIBRARY, 'made-to', id], queryFn: () => get<MadeTo>(`library/revisions/${id}/builds`) });
}

export function useSources() {
  return useQuery({ queryKey: [...LIBRARY, 'sources'], queryFn: () => get<{ sources: Source[]; standards: Standard[] }>('library/sources') });
}

export function useConflicts() {
  return useQuery({ queryKey: [...LIBRARY, 'conflicts'], queryFn: () => get<{ conflicts: ConflictRow[] }>('library/conflicts') });
}

export function usePermits() {
  return useQuery({ queryKey: [...LIBRARY, 'permits'], queryFn: () => get<{ permits: Permit[] }>('library/permits') });
}

/** A command on the library; whatever comes of it, what is shown of the library is fetched again. */
export function useLibraryCommand<In, Out = unknown>(command: (input: In) => Promise<Out>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: command, onSettled: () => client.invalidateQueries({ queryKey: LIBRARY }) });
}
