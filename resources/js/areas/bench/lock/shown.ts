import { createContext, useContext, useEffect } from 'react';

/** The bench is locked: no key reaches what lies beneath. */
export const Locked = createContext(false);

/** Says what must stay in sight while the bench is locked: a fault that stands open. */
export const ShowWhileLocked = createContext<(sentence: string | null) => void>(() => undefined);

export function useShownWhileLocked(sentence: string | null): void {
  const show = useContext(ShowWhileLocked);
  useEffect(() => {
    show(sentence);
    return () => show(null);
  }, [show, sentence]);
}
