import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { DismissReason } from '@/api/types';

const AUDIT = ['audit'] as const;

/** What belongs to one build. */
export const SHEET = (build: string) => [...AUDIT, build] as const;

export function useAudit(serial: string) {
  return useQuery({
    queryKey: [...AUDIT, 'list', serial],
    queryFn: () => answerOf(api.GET('/audit', { params: { query: { serial } } })),
    placeholderData: (before) => before,
  });
}

export function useSheet(build: string) {
  return useQuery({ queryKey: SHEET(build), queryFn: () => answerOf(api.GET('/audit/{build}', { params: { path: { build } } })) });
}

export function useDismiss(entry: string, onDone: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (reason: DismissReason) => answerOf(api.POST('/audit/readings/{entry}/dismiss', { params: { path: { entry } }, body: { reason } })),
    onSuccess: async () => {
      onDone();
      await client.invalidateQueries({ queryKey: AUDIT });
    },
  });
}
