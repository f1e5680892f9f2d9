import { useOutbox } from './useOutbox';

/** Keeps the outbox of an enrolled browser open on every page, so that what waits is sent whoever is signed in, or nobody. */
export function KeepSending() {
  useOutbox();
  return null;
}
