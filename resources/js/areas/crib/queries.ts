import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';

export function useTools() {
  return useQuery({ queryKey: ['tools'], queryFn: () => answerOf(api.GET('/tools')) });
}
