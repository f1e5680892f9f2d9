import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answerOf, api } from '@/api/client';
import { useMe } from '@/api/session';
import { LIBRARY } from '../queries';

export type Writing = { line: string; family: string; joint: string; option: string; variant: string };

const EMPTY: Writing = { line: '', family: '', joint: '', option: '', variant: 'all' };
const AFTER_MS = 250;

/** What somebody has typed and not begun yet: kept in this browser, for them alone. */
export function useWriting() {
  const kept = `tekkal.writing.${useMe().id}`;
  const [writing, setWriting] = useState<Writing>(() => ({ ...EMPTY, ...readKept(kept) }));
  useEffect(() => {
    if (JSON.stringify(writing) === JSON.stringify(EMPTY)) localStorage.removeItem(kept);
    else localStorage.setItem(kept, JSON.stringify(writing));
  }, [kept, writing]);
  return {
    writing,
    put: (next: Partial<Writing>) => setWriting((now) => ({ ...now, ...next })),
    forget: () => localStorage.removeItem(kept),
  };
}

function readKept(key: string): Partial<Writing> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '{}');
    return typeof kept === 'object' && kept !== null ? Object.fromEntries(Object.entries(kept).filter(([, value]) => typeof value === 'string')) : {};
  } catch {
    // Somebody else's words under this name are no reason to show nothing.
    return {};
  }
}

/** A round ends with a dot, as it stands on paper; a key for it most keyboards have not. */
export const asTyped = (text: string) =>
  text
    .replace(/\s[.;]\s/g, ' · ')
    .replace(/\s*;\s*/g, ' · ')
    .replace(/ · +/g, ' · ');

/** The line as the core understands it, a moment after it was typed; until then what is shown is of the line before. */
export function useSketch(line: string) {
  const [asked, setAsked] = useState(line);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(line), AFTER_MS);
    return () => clearTimeout(timer);
  }, [line]);
  const query = useQuery({
    queryKey: [...LIBRARY, 'sketch', asked],
    queryFn: () => answerOf(api.POST('/library/line/sketch', { body: { line: asked } })),
    placeholderData: keepPreviousData,
  });
  return { query, behind: asked !== line || query.isPlaceholderData };
}
