import { useEffect, useRef } from 'react';

const STIRS = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;

/** Runs something once the hand has been still for so long, anew for each key: for work that nobody waits for yet. */
export function useQuiet(key: string, restMs: number, run: () => void): void {
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const stop = () => {
      clearTimeout(timer);
      for (const stir of STIRS) removeEventListener(stir, again);
    };
    const again = () => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        stop();
        latest.current();
      }, restMs);
    };
    for (const stir of STIRS) addEventListener(stir, again, { passive: true });
    again();
    return stop;
  }, [key, restMs]);
}
