import { useContext, useEffect } from 'react';
import { Locked } from './lock/shown';
import { useLatest } from './useLatest';

/** An Enter so soon after a digit ends a number: it was meant for a reading, whatever screen has come up meanwhile. */
const NUMBER_MS = 3000;

/** Digits that follow each other faster than this are a number: a reading, or a scan; one alone is a key. */
const ALONE_MS = 350;

/** So long does a screen that decides something take no key when it has come up: {@link usePadKeys}. */
export const QUIET_MS = 900;

type Keys = Record<string, (() => void) | undefined>;

/**
 * Listens to keys of the numeric pad while nothing else is typed into. Held-down keys count once, and for the first
 * `quietMs` of a screen none does: a second press meant for the screen before must not decide anything on this one.
 */
export function usePadKeys(keys: Keys, quietMs = 0): void {
  const latest = useLatest(keys);
  useEffect(() => {
    const opened = performance.now();
    let digitAt = -Infinity;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const onKey = (event: KeyboardEvent) => {
      const digit = /^[0-9.,]$/.test(event.key);
      const close = digit && performance.now() - digitAt < ALONE_MS;
      if (digit || close) clearTimeout(timer);
      if (digit) digitAt = performance.now();
      // No reading has such a key in it: whatever number stood there is done with.
      else if (event.key !== 'Enter') digitAt = -Infinity;
      const action = latest.current[event.key];
      const elsewhere = event.target instanceof HTMLElement && event.target.closest('[role="dialog"], button, a') !== null && event.key === 'Enter';
      const endsNumber = quietMs > 0 && event.key === 'Enter' && performance.now() - digitAt < NUMBER_MS;
      if (!action || event.repeat || elsewhere || endsNumber || performance.now() - opened < quietMs || document.querySelector('[role="dialog"]')) return;
      event.preventDefault();
      // A digit is a key only if no other follows: a hand that types a number, or a scanner, is faster.
      if (digit) timer = close ? undefined : setTimeout(action, ALONE_MS);
      else action();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('keydown', onKey);
    };
  }, [quietMs, latest]);
}

const NONE: Keys = {};

/** The same within a question in front of the page: its answers by their number. A digit that was still meant for the field is none. */
export function usePanelKeys(keys: Keys): void {
  const latest = useLatest(useContext(Locked) ? NONE : keys);
  useEffect(() => {
    const opened = performance.now();
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement;
      const action = typing ? undefined : latest.current[event.key];
      if (!action || event.repeat || performance.now() - opened < ALONE_MS) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [latest]);
}
