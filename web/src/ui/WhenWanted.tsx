import { cloneElement, Suspense, useState, type ComponentProps, type ReactElement, type ReactNode } from 'react';

interface WhenWantedProps {
  /** Begins to load what is behind the button: a hand is near. */
  readonly load: () => Promise<unknown>;
  /** The button as it stands until then. */
  readonly button: ReactElement<ComponentProps<'button'>>;
  /** What takes its place once it was pressed, open, with a button of its own that looks the same. */
  readonly children: ReactNode;
}

/** What is behind a button and hardly ever asked for is loaded when it is. */
export function WhenWanted({ load, button, children }: WhenWantedProps) {
  const [wanted, setWanted] = useState(false);
  // A failure is told by whoever presses, not by whoever passes.
  const near = () => void load().catch(() => undefined);
  const waiting = cloneElement(button, {
    'aria-haspopup': 'dialog',
    'aria-expanded': false,
    onPointerEnter: near,
    onFocus: near,
    onClick: () => setWanted(true),
  });
  return wanted ? <Suspense fallback={waiting}>{children}</Suspense> : waiting;
}
