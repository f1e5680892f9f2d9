import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { sentenceOf } from '@/lib/problem';
import { Button } from './Button';

/** Shows what a query brought, or that it is on its way, or why it did not come. */
export function Loaded<T>({ query, children }: { query: UseQueryResult<T>; children: (data: T) => ReactNode }) {
  if (query.data !== undefined) return <>{children(query.data)}</>;
  if (query.isError) return <Failure sentence={sentenceOf(query.error)} onRetry={() => void query.refetch()} />;
  return <Waiting />;
}

export function Waiting() {
  return (
    <p role="status" className="p-7 text-soft">
      Fetching …
    </p>
  );
}

export function Failure({ sentence, onRetry }: { sentence: string; onRetry?: () => void }) {
  return (
    <div role="alert" className="m-7 border-l-4 border-fault py-1 pl-4">
      <p className="font-semibold text-fault">{sentence}</p>
      {onRetry && (
        <Button className="mt-3" onClick={onRetry}>
          Try again
        </Button>
      )}
    </div>
  );
}

/** An empty place says what belongs there and offers the first step. */
export function Empty({ children }: { children: ReactNode }) {
  return <div className="max-w-prose py-8 text-soft">{children}</div>;
}
