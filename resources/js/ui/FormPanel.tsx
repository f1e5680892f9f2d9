import type { QueryKey } from '@tanstack/react-query';
import type { ReactNode, SyntheticEvent } from 'react';
import { Button } from './Button';
import { Panel } from './Panel';
import { Refusal } from './Refusal';
import { useCommand } from './useCommand';

type Props<T> = {
  title: string;
  note?: string;
  verb: string;
  fault?: boolean;
  wide?: boolean;
  /** It cannot be sent as it stands. */
  unready?: boolean;
  onClose: () => void;
  command: () => Promise<T>;
  /** What is shown of it and is fetched again, whatever comes of the command. */
  refreshes: QueryKey;
  /** What comes after it was done; absent: the panel closes. */
  onDone?: (done: T) => void;
  children: ReactNode;
};

/** A short form with one command. What is refused is said, and what was typed stays. */
export function FormPanel<T>({
  title,
  note,
  verb,
  fault = false,
  wide = false,
  unready = false,
  onClose,
  command,
  refreshes,
  onDone = onClose,
  children,
}: Props<T>) {
  const send = useCommand<undefined, T>(command, refreshes);
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    send.mutate(undefined, { onSuccess: onDone });
  };
  return (
    <Panel title={title} open wide={wide} onClose={onClose} {...(note === undefined ? {} : { note })}>
      <form onSubmit={submit} className="flex flex-col gap-3" noValidate>
        {children}
        <Refusal of={send} />
        <div className="mt-1 flex gap-3">
          <Button look={fault ? 'fault' : 'main'} type="submit" disabled={unready || send.isPending}>
            {verb}
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Panel>
  );
}
