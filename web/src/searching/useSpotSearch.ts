import type { Candidate, SearchQuestion } from '@strut-spot/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Told } from '../told/Told';
import { searching } from '../workers/core';
import { runSearch } from './runSearch';
import { keyOf, NOTHING, triedIn, type SearchState } from './searchState';

/** Searches of the last questions: kept as long as nothing in the outing that they depend on changes. */
const finished = new Map<string, SearchState>();
const KEPT = 8;

/** Runs a search on the searching workers, spot by spot; the best so far is there all the while. */
export function useSpotSearch(question: SearchQuestion) {
  const key = keyOf(question);
  const [shown, setShown] = useState<{ key: string; state: SearchState }>(() => ({
    key,
    state: finished.get(key) ?? NOTHING,
  }));
  const run = useRef(0);
  const [tried] = useState(() => new Told(0));
  const end = useCallback(() => {
    run.current++;
    for (const worker of searching()) void worker.stopSearching().catch(() => undefined);
  }, []);
  const stop = useCallback(() => {
    end();
    setShown((s) =>
      s.state.phase === 'searching' || s.state.phase === 'checking'
        ? { ...s, state: { ...s.state, phase: 'cancelled' } }
        : s,
    );
  }, [end]);
  useEffect(() => end, [end]);

  const start = useCallback(async () => {
    end();
    const mine = run.current;
    let latest: SearchState = NOTHING;
    const found = await runSearch(question, {
      goesOn: () => mine === run.current,
      show: (state) => setShown({ key, state: (latest = state) }),
      tried: (pictures) => tried.set(pictures),
    }).catch((error: Error) => {
      if (mine === run.current) setShown({ key, state: { ...latest, phase: 'failed', because: error.message } });
      return null;
    });
    if (!found) return;
    finished.set(key, found);
    if (finished.size > KEPT) finished.delete(finished.keys().next().value!);
  }, [key, question, tried, end]);

  /** Checks one more candidate in full. */
  const makeExact = useCallback(
    async (candidate: Candidate) => {
      const result = await searching()[0]!
        .exactCandidate(question, candidate)
        .catch(() => null);
      if (!result) return;
      setShown((s) => ({ ...s, state: { ...s.state, exact: new Map(s.state.exact).set(candidate.id, result) } }));
    },
    [question],
  );

  const known = finished.get(key);
  const state = shown.key === key ? shown.state : (known ?? shown.state);
  /** Shown is the answer to another question: something was changed since. */
  const outdated = shown.key !== key && known === undefined && shown.state.phase !== 'idle';
  // Kept answers come without a run of their own.
  useEffect(() => {
    if (state.phase !== 'searching') tried.set(triedIn(state.spots));
  }, [tried, state.phase, state.spots]);
  return useMemo(
    () => ({ state, outdated, tried, start, stop, makeExact }),
    [state, outdated, tried, start, stop, makeExact],
  );
}
