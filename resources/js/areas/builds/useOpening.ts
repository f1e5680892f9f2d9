import { useSearchParams } from 'react-router';

/** Whether the panel that opens something new is open: it stands in the address, so that a link can open it and Back closes it. */
export function useOpening(): [boolean, (on: boolean) => void] {
  const [params, setParams] = useSearchParams();
  return [params.has('new'), (on) => setParams(on ? { new: '' } : {}, { replace: !on })];
}
