import { ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Drawn, type PicturedChoice } from '../../../ui/Drawn';

interface PictureChoiceProps {
  readonly label: string;
  readonly choices: readonly PicturedChoice[];
  readonly chosen: PicturedChoice;
  readonly onChoose: (id: string) => void;
}

/** One of several things, each with its picture: a large button that opens them all. */
export function PictureChoice({ label, choices, chosen, onChoose }: PictureChoiceProps) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="group flex min-w-0 items-stretch border border-hair-strong bg-sheet text-left hover:border-ink hover:bg-paper-2 sm:flex-col">
        <Drawn
          choice={chosen}
          className="aspect-[3/2] w-32 shrink-0 border-hair max-sm:border-r sm:w-full sm:border-b"
        />
        <span className="flex min-w-0 flex-1 items-center gap-2 px-3 py-2">
          <span className="min-w-0 flex-1">
            <span className="caption block">{label}</span>
            <span className="block text-[1.3rem] leading-tight font-[680] [font-stretch:80%]">{chosen.name}</span>
          </span>
          <ChevronDown size={20} aria-hidden className="shrink-0" />
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          aria-label={label}
          className="z-40 max-h-[var(--radix-popover-content-available-height)] w-[min(52rem,96vw)] overflow-y-auto border-2 border-ink bg-sheet"
        >
          <ul className="grid grid-cols-2 sm:grid-cols-3 lg:grid-cols-4">
            {choices.map((choice) => (
              <li key={choice.id} className="border-r border-b border-hair">
                <button
                  type="button"
                  aria-current={choice.id === chosen.id}
                  disabled={choice.never !== undefined}
                  className="flex h-full w-full flex-col p-1.5 text-left hover:bg-paper-2 disabled:opacity-70 aria-[current=true]:outline-2 aria-[current=true]:-outline-offset-2 aria-[current=true]:outline-ink"
                  onClick={() => {
                    onChoose(choice.id);
                    setOpen(false);
                  }}
                >
                  {choice.never === undefined && <Drawn choice={choice} className="aspect-[3/2] w-full" />}
                  <span className="block font-[640]">{choice.name}</span>
                  <span className="block text-[0.93rem] text-ink-2">{choice.never ?? choice.note}</span>
                </button>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
