import { useEffect, useRef } from 'react';

const STIRS = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;

/**
 * Runs something each time the hand has been still for so long: for work that nobody waits for yet.
 * @param run gives what ends it as soon as the hand stirs again
 */
export function useQuiet(key: string, restMs: number, run: () => () => void): void {
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    let end = () => {};
    const again = () => {
      clearTimeout(timer);
      end();
      end = () => {};
      timer = setTimeout(() => (end = latest.current()), restMs);
    };
    for (const stir of STIRS) addEventListener(stir, again, { passive: true });
    again();
    return () => {
      clearTimeout(timer);
      end();
      for (const stir of STIRS) removeEventListener(stir, again);
    };
  }, [key, restMs]);
}
