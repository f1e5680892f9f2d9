import { type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';

/**
 * A command, after which what is shown under these keys is fetched again, whatever came of it. What was done waits for
 * that; a refusal is said at once: where nobody answers, fetching is seconds of trying.
 */
export function useCommand<In, Out = unknown>(command: (input: In) => Promise<Out>, ...shown: QueryKey[]) {
  const client = useQueryClient();
  const fetchAgain = () => Promise.all(shown.map((queryKey) => client.invalidateQueries({ queryKey })));
  return useMutation({ mutationFn: command, onSuccess: fetchAgain, onError: () => void fetchAgain() });
}
