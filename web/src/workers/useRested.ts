import { useEffect, useState } from 'react';

/** The key once it has stayed the same for so long, null while it moves: for work that can wait until the hand rests. */
export function useRested(key: string, restMs: number): string | null {
  const [rested, setRested] = useState<string | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setRested(key), restMs);
    return () => clearTimeout(timer);
  }, [key, restMs]);
  return rested === key ? key : null;
}
