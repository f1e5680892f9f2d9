import { useCallback, useEffect, useRef, useState } from 'react';
import { type Idle, idleState } from '@/lib/idle';

const LOCKED = 'tekkal.locked';
const LOOK_EVERY_MS = 1_000;

/**
 * Locks after ten minutes without a hand, on every page of the bench and over reloads, until `open` is called. The
 * server counts for itself and may say that it is locked before this does.
 */
export function useIdleLock(sitting: string, lockedByServer: boolean): { idle: Idle; open: () => void } {
  const [idle, setIdle] = useState<Idle>(() => (localStorage.getItem(LOCKED) === sitting ? { state: 'locked' } : { state: 'open' }));
  const lastUse = useRef(0);
  const locked = idle.state === 'locked' || lockedByServer;
  useEffect(() => {
    if (locked) {
      localStorage.setItem(LOCKED, sitting);
      return;
    }
    // The clock of the day goes on while a tablet sleeps.
    lastUse.current = Date.now();
    const touch = () => {
      lastUse.current = Date.now();
      setIdle((now) => (now.state === 'open' ? now : { state: 'open' }));
    };
    const look = setInterval(() => {
      const next = idleState(lastUse.current, Date.now());
      setIdle((now) => (next.state === 'open' && now.state === 'open' ? now : next));
    }, LOOK_EVERY_MS);
    window.addEventListener('keydown', touch, { capture: true });
    window.addEventListener('pointerdown', touch, { capture: true });
    return () => {
      clearInterval(look);
      window.removeEventListener('keydown', touch, { capture: true });
      window.removeEventListener('pointerdown', touch, { capture: true });
    };
  }, [locked, sitting]);
  const open = useCallback(() => {
    localStorage.removeItem(LOCKED);
    setIdle({ state: 'open' });
  }, []);
  return { idle: locked ? { state: 'locked' } : idle, open };
}
