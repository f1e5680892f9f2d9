import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import type { RunSheet } from '@/api/types';
import { BenchHeader } from './BenchHeader';
import { RunTitle } from './RunTitle';

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
          <BenchHeader partner={sheet.holder.partner_name}>
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
