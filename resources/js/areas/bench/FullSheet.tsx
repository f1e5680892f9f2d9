import type { UseQueryResult } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { type ReactNode, useEffect, useState } from 'react';
import type { RunSheet } from '@/api/types';
import { Loaded } from '@/ui/states';
import { BenchHeader } from './BenchHeader';
import { BigKey } from './BigKey';
import { NeedsServer } from './NeedsServer';
import { RunTitle } from './RunTitle';
import { usePanelKeys } from './usePadKeys';
import type { Bench } from './useRun';

type Props = { sheet: RunSheet; title: string; onClose: () => void; children: ReactNode };

/** A sheet over the whole bench: nothing behind it goes on while it lies there. Esc goes back, and has done nothing. */
export function FullSheet({ sheet, title, onClose, children }: Props) {
  return (
    <Dialog.Root
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-40 flex min-h-[660px] flex-col overflow-auto bg-paper text-ink outline-none"
          onOpenAutoFocus={keepFocus}
        >
          <Dialog.Title className="sr-only">{title}</Dialog.Title>
          <BenchHeader holder={sheet.holder}>
            <RunTitle sheet={sheet} />
          </BenchHeader>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** On the sheet itself: no key lies under the hand that has opened it. */
function keepFocus(event: Event): void {
  event.preventDefault();
  if (event.currentTarget instanceof HTMLElement) event.currentTarget.focus();
}

/** From when on one wonders whether it comes at all. */
const LATE_MS = 600;

type SheetOf<T> = { query: UseQueryResult<T>; bench: Bench; onBack: () => void; children: (data: T) => ReactNode };

/** What a sheet shows of something that is fetched; while it is on its way, and where it does not come, there is a way back. */
export function SheetOf<T>({ query, bench, onBack, children }: SheetOf<T>) {
  if (query.data !== undefined) return <>{children(query.data)}</>;
  return (
    <>
      <div className="grow">
        <Loaded query={query}>{() => null}</Loaded>
        <div className="px-7">
          <NeedsServer bench={bench} />
        </div>
      </div>
      <BackOnly now={query.isError} onBack={onBack} />
    </>
  );
}

/** What comes at once needs no way back, and would only have it flash by. */
function BackOnly({ now, onBack }: { now: boolean; onBack: () => void }) {
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), LATE_MS);
    return () => clearTimeout(timer);
  }, []);
  usePanelKeys({ '/': onBack });
  return (now || late) && <BackBar onBack={onBack} />;
}

/** The one key at the foot of a sheet on which all else is chosen by its number. */
export function BackBar({ says = 'Back', onBack }: { says?: string; onBack: () => void }) {
  return (
    <footer className="flex shrink-0 gap-4 border-t border-hair px-7 py-3">
      <BigKey cap="/" onClick={onBack}>
        {says}
      </BigKey>
    </footer>
  );
}
