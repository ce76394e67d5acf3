import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { WORDS, type WordId } from './explained';

/** A word that can be asked for: pressed, it says and draws what it means. */
export function Explained({ id, children }: { readonly id: WordId; readonly children: ReactNode }) {
  const { term, text, Drawing } = WORDS[id];
  return (
    <Popover.Root>
      <Popover.Trigger className="min-h-[24px] min-w-[24px] text-left underline decoration-dotted underline-offset-[3px] [font:inherit] [letter-spacing:inherit] [text-transform:inherit]">
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={8}
          aria-label={term}
          className="z-40 w-64 space-y-2 border-2 border-ink bg-sheet p-3 leading-snug"
        >
          <p className="font-[680]">{term}</p>
          <Drawing />
          <p>{text}</p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
