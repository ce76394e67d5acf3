import type { Outing } from '@strut-spot/core';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { readOuting, saveOuting } from '../storage/outings';
import { historyOf, type OutingHistory } from './outingHistory';

type Loaded = { kind: 'loading' } | { kind: 'missing' } | { kind: 'open'; history: OutingHistory };

/** The stored outing with its history; every change is written down with the commit that shows it. */
export function useStoredOuting(id: string) {
  const [state, setState] = useState<Loaded>({ kind: 'loading' });
  const saved = useRef<Outing | null>(null);

  useEffect(() => {
    let current = true;
    void readOuting(id).then((outing) => {
      if (!current) return;
      saved.current = outing ?? null;
      setState(outing ? { kind: 'open', history: historyOf(outing) } : { kind: 'missing' });
    });
    return () => {
      current = false;
    };
  }, [id]);

  const present = state.kind === 'open' ? state.history.present : null;
  // With the very commit that shows the change: an effect after it could come too late for a page that is left at once.
  useLayoutEffect(() => {
    if (!present || present === saved.current) return;
    saved.current = present;
    void saveOuting(present);
  }, [present]);

  const step = useCallback((advance: (history: OutingHistory) => OutingHistory) => {
    setState((s) => (s.kind === 'open' ? { kind: 'open', history: advance(s.history) } : s));
  }, []);
  return { state, step };
}
