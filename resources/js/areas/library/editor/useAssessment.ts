import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { DraftAssessment } from '@/api/types';
import type { Doc } from '@/lib/document';
import { sentenceOf } from '@/lib/problem';

const PAUSE_MS = 350;

/** What the core says of the document once the hands have paused. */
export function useAssessment(doc: Doc, against: string | null): { look: DraftAssessment | undefined; failed: string | null } {
  const [paused, setPaused] = useState(doc);
  useEffect(() => {
    const timer = setTimeout(() => setPaused(doc), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [doc]);
  const query = useQuery({
    queryKey: ['look', against, paused],
    queryFn: () => answerOf(api.POST('/library/look', { body: { document: paused, against } })),
    placeholderData: keepPreviousData,
    gcTime: 10_000,
    retry: false,
  });
  return { look: query.data, failed: query.isError ? sentenceOf(query.error) : null };
}
