import { useEffect, useRef, useState } from 'react';

interface Latest<Result> {
  readonly value: Result | undefined;
  readonly busy: boolean;
  readonly problem: string | null;
}

/**
 * Runs an asynchronous job for the newest key only: while one runs, newer keys wait in a single place and older waiting ones
 * are dropped, so that dragging never piles up work. The last value stays until the next one is ready.
 * @param key what the job depends on, as text; null = nothing to do
 */
export function useLatest<Result>(key: string | null, job: () => Promise<Result>): Latest<Result> {
  const [state, setState] = useState<Latest<Result>>({ value: undefined, busy: false, problem: null });
  const running = useRef(false);
  const waiting = useRef<(() => Promise<Result>) | null>(null);
  const alive = useRef(true);

  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
    };
  }, []);

  useEffect(() => {
    if (key === null) return;
    waiting.current = job;
    if (running.current) return;
    running.current = true;
    const run = async () => {
      while (waiting.current && alive.current) {
        const next = waiting.current;
        waiting.current = null;
        setState((s) => (s.busy ? s : { ...s, busy: true }));
        try {
          const value = await next();
          if (alive.current) setState({ value, busy: waiting.current !== null, problem: null });
        } catch (error) {
          if (alive.current) setState((s) => ({ ...s, busy: false, problem: (error as Error).message }));
        }
      }
      running.current = false;
    };
    void run();
    // The key stands for everything that the job reads.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return state;
}
