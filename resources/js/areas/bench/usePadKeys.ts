import { useEffect, useRef } from 'react';

/** An Enter so soon after a digit ends a number: it was meant for a reading, whatever screen has come up meanwhile. */
const NUMBER_MS = 3000;

/**
 * Listens to keys of the numeric pad while nothing else is typed into. Held-down keys count once, and for the first
 * `quietMs` of a screen none does: a second press meant for the screen before must not decide anything on this one.
 */
export function usePadKeys(keys: Record<string, (() => void) | undefined>, quietMs = 0): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const opened = performance.now();
    let digitAt = -Infinity;
    const onKey = (event: KeyboardEvent) => {
      if (/^[0-9.,]$/.test(event.key)) digitAt = performance.now();
      const action = latest.current[event.key];
      const elsewhere = event.target instanceof HTMLElement && event.target.closest('[role="dialog"], button, a') !== null && event.key === 'Enter';
      const endsNumber = quietMs > 0 && event.key === 'Enter' && performance.now() - digitAt < NUMBER_MS;
      if (!action || event.repeat || elsewhere || endsNumber || performance.now() - opened < quietMs || document.querySelector('[role="dialog"]')) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [quietMs]);
}
