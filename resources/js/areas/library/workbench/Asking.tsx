import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';

type Props<T> = { form: ReactNode; onAsk: () => void; some: boolean; answer: UseQueryResult<T>; empty: string; children: (answer: T) => ReactNode };

/** A calculation: what goes in on the left, what comes out on the right. */
export function Asking<T>({ form, onAsk, some, answer, empty, children }: Props<T>) {
  return (
    <div className="grid grow grid-cols-1 lg:grid-cols-[24rem_minmax(0,1fr)]">
      <form
        className="flex flex-col gap-3 px-7 py-5 lg:border-r lg:border-line"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          onAsk();
        }}
      >
        {form}
        <Button type="submit" look="main" className="mt-1 self-start">
          Work it out
        </Button>
      </form>
      <div className="px-7 py-5">
        {!some && <p className="max-w-prose text-soft">{empty}</p>}
        {some && <Refusal of={answer} className="max-w-prose" />}
        {some && answer.data !== undefined && children(answer.data)}
      </div>
    </div>
  );
}
