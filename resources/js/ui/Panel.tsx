import { Dialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';

type Props = { title: string; open: boolean; onClose: () => void; children: ReactNode; note?: string; big?: boolean; wide?: boolean };

/** Where the hand was when the first of several panels was opened: one that opens another is gone by the time that one closes. */
let begun: HTMLElement | null = null;

/** What had the focus before a panel took it, and has it again afterwards. */
function useOpener() {
  const [opener] = useState(() => {
    const at = document.activeElement instanceof HTMLElement ? document.activeElement : null;
    if (at?.closest('[role=dialog]') === null) begun = at;
    return at;
  });
  return (event: Event) => {
    event.preventDefault();
    // Where another one has opened in its place, that one has it.
    if (document.querySelector('[role=dialog]') === null) (opener?.isConnected === true ? opener : begun)?.focus();
  };
}

/** A question or a short form in front of the page. Esc and the space around it close it; nothing is lost by that. */
export function Panel({ title, open, onClose, children, note, big = false, wide = false }: Props) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        if (!next) onClose();
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Framed
          big={big}
          className={`fixed top-[7vh] left-1/2 z-50 max-h-[86vh] -translate-x-1/2 overflow-auto rounded border border-line bg-paper p-6 shadow-xl ${big || wide ? 'w-[min(58rem,94vw)]' : 'w-[min(34rem,92vw)]'}`}
        >
          {big && (
            <Dialog.Close className="float-right ml-4 flex h-24 w-24 items-center justify-center rounded border-2 border-line bg-sheet text-xl font-semibold">
              Back
            </Dialog.Close>
          )}
          <Dialog.Title className="text-xl font-semibold">{title}</Dialog.Title>
          {note !== undefined && <p className="mt-1 text-soft">{note}</p>}
          <div className="mt-4">{children}</div>
        </Framed>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Mounted when it opens, so that it knows what had the focus then. At a bench no key is stood on: Enter would press it once more. */
function Framed({ className, big, children }: { className: string; big: boolean; children: ReactNode }) {
  const giveBack = useOpener();
  return (
    <Dialog.Content aria-describedby={undefined} className={className} {...(big ? {} : { onCloseAutoFocus: giveBack })}>
      {children}
    </Dialog.Content>
  );
}
