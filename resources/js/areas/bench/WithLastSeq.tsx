import type { ReactNode } from 'react';
import { useOutbox } from './useOutbox';

/** Hands on the number this bench has counted to, to whoever signs somebody in here; null where no outbox opens. */
export function WithLastSeq({ children }: { children: (lastSeq: () => Promise<number | null>) => ReactNode }) {
  const { ready } = useOutbox();
  return children(async () => {
    try {
      return await (await ready()).lastSeq();
    } catch {
      return null;
    }
  });
}
