import { useEffect, useRef } from 'react';

/** A value as it is at the moment something happens, for what listens since an earlier drawing. */
export function useLatest<T>(value: T) {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return latest;
}
