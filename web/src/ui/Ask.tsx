import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface AskProps {
  readonly title: string;
  readonly yes: string;
  readonly no: string;
  readonly onYes: () => void;
  readonly onNo: () => void;
  readonly children: ReactNode;
}

/** A question that must be answered before something goes on. */
export const Ask = ({ title, yes, no, onYes, onNo, children }: AskProps) => (
  <AlertDialog.Root open onOpenChange={(open) => !open && onNo()}>
    <AlertDialog.Portal>
      <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
      <AlertDialog.Content className="fixed top-1/3 left-1/2 z-50 w-[min(28rem,92vw)] -translate-x-1/2 border-2 border-ink bg-sheet p-5">
        <AlertDialog.Title className="mb-1 text-lg font-[660]">{title}</AlertDialog.Title>
        <AlertDialog.Description className="mb-4 wrap-anywhere text-ink-2">{children}</AlertDialog.Description>
        <div className="flex justify-end gap-2">
          <button type="button" className="action" onClick={onNo}>
            {no}
          </button>
          <button type="button" className="action action-main" onClick={onYes}>
            {yes}
          </button>
        </div>
      </AlertDialog.Content>
    </AlertDialog.Portal>
  </AlertDialog.Root>
);
