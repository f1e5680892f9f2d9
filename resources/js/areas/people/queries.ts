import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import { useCommand } from '@/ui/useCommand';

const NOTICES = ['notices'] as const;
const NOTICES_MS = 60_000;

export function useNotices() {
  return useQuery({ queryKey: NOTICES, queryFn: () => answerOf(api.GET('/notices')), refetchInterval: NOTICES_MS });
}

export function useAcknowledge() {
  return useCommand((notice: string) => answerOf(api.POST('/notices/{notice}/acknowledge', { params: { path: { notice } } })), NOTICES);
}
