import {
  rankCandidates,
  weightsOf,
  withVariety,
  type Candidate,
  type ExactCandidate,
  type SearchJob,
  type SearchQuestion,
  type SpotResult,
} from '@strut-spot/core';
import { proxy } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { searching } from '../../workers/core';
import { TriedSoFar } from './triedSoFar';

interface SearchState {
  readonly phase: 'idle' | 'searching' | 'checking' | 'done' | 'cancelled';
  readonly done: number;
  readonly jobs: number;
  readonly spots: readonly SpotResult[];
  readonly exact: ReadonlyMap<string, ExactCandidate>;
  /** Whole time, once it is done. */
  readonly seconds: number | null;
}

const NOTHING: SearchState = { phase: 'idle', done: 0, jobs: 0, spots: [], exact: new Map(), seconds: null };
/** Of the best, as different as can be, so many are cast exactly and checked in full. */
const FINALISTS = 12;
const ROUNDS = 8;
/** Pictures on the sheet's first screens that must differ. */
export const VARIED = 8;

/** Searches of the last questions: kept as long as nothing in the outing that they depend on changes. */
const finished = new Map<string, SearchState>();
const KEPT = 8;

/** What a search depends on: weights only rank what was found. */
const keyOf = ({ ask, ...rest }: SearchQuestion): string => JSON.stringify({ ...rest, ask: { ...ask, weights: {} } });

/** So many struts of a spot stopped by the exact checks and none passed: the rest of it is not believed. */
const GIVEN_UP_AFTER = 3;

/** Spots as they stand: what an exact check stopped is told as a reason, the exact ones are in place of the coarse. */
export const spotsOf = ({ spots, exact }: Pick<SearchState, 'spots' | 'exact'>): readonly SpotResult[] =>
  spots.map((spot) => {
    const checked = spot.candidates.flatMap((c) => exact.get(c.id) ?? []);
    const stopped = checked.flatMap((e) => e.stopped ?? []);
    if (checked.length === 0) return spot;
    const givenUp = stopped.length >= GIVEN_UP_AFTER && stopped.length === checked.length;
    return {
      ...spot,
      candidates: givenUp
        ? []
        : spot.candidates.filter((c) => !exact.get(c.id)?.stopped).map((c) => exact.get(c.id)?.candidate ?? c),
      rejections: [
        ...stopped
          .filter((r, i) => stopped.findIndex((other) => other.because === r.because) === i)
          .map((r) => ({ ...r, times: stopped.filter((other) => other.because === r.because).length })),
        ...spot.rejections,
      ],
    };
  });

/** Candidates of all spots as they stand. */
export const candidatesOf = (state: Pick<SearchState, 'spots' | 'exact'>): readonly Candidate[] =>
  spotsOf(state).flatMap((spot) => spot.candidates);

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
const triedIn = (spots: readonly SpotResult[]): number => sum(spots.map((s) => s.tried));

/** Runs a search on the searching workers, spot by spot; the best so far is there all the while. */
export function useSpotSearch(question: SearchQuestion) {
  const key = keyOf(question);
  const [shown, setShown] = useState<{ key: string; state: SearchState }>(() => ({
    key,
    state: finished.get(key) ?? NOTHING,
  }));
  const run = useRef(0);
  const [tried] = useState(() => new TriedSoFar());
  const stop = useCallback(() => {
    run.current++;
    for (const worker of searching()) void worker.stopSearching();
    setShown((s) =>
      s.state.phase === 'searching' || s.state.phase === 'checking'
        ? { ...s, state: { ...s.state, phase: 'cancelled' } }
        : s,
    );
  }, []);
  useEffect(
    () => () => {
      run.current++;
      for (const worker of searching()) void worker.stopSearching();
    },
    [],
  );

  const start = useCallback(async () => {
    const mine = ++run.current;
    const begun = performance.now();
    const workers = searching();
    for (const worker of workers) void worker.stopSearching();
    let state: SearchState = { ...NOTHING, phase: 'searching' };
    const show = (next: SearchState) => {
      state = next;
      if (mine === run.current) setShown({ key, state });
    };
    tried.set(0);
    show(state);
    // Finding the spots poses the carrier: not for the page's own thread.
    const jobs = await workers[0]!.searchJobs(question);
    show({ ...state, jobs: jobs.length });
    /** Deals out jobs to whoever is free. @param ahead jobs that a worker has at hand, so that it need not wait for the page */
    const deal = async <Job, Result>(
      list: readonly Job[],
      ask: (worker: (typeof workers)[number], job: Job) => Promise<Result | null>,
      take: (result: Result, job: Job) => void,
      ahead = 1,
    ) => {
      let next = 0;
      await Promise.all(
        workers
          .flatMap((worker) => Array<typeof worker>(ahead).fill(worker))
          .map(async (worker) => {
            while (next < list.length && mine === run.current) {
              const job = list[next++]!;
              const result = await ask(worker, job);
              if (result !== null && mine === run.current) take(result, job);
            }
          }),
      );
    };
    const under = new Map<SearchJob, number>();
    await deal(
      jobs,
      (worker, job) => {
        under.set(job, 0);
        const told = proxy((n: number) => {
          if (!under.has(job)) return;
          under.set(job, n);
          tried.set(triedIn(state.spots) + sum([...under.values()]));
        });
        return worker.searchSpot(question, job, told);
      },
      (result, job) => {
        under.delete(job);
        // In the order of the carrier's spots, whoever was quicker.
        const order = (s: SpotResult) => jobs.findIndex((j) => j.carrierId === s.carrierId && j.spotId === s.spotId);
        show({
          ...state,
          done: state.done + 1,
          spots: [...state.spots, result].sort((a, b) => order(a) - order(b)),
        });
        tried.set(triedIn(state.spots) + sum([...under.values()]));
      },
    );
    if (mine !== run.current) return;
    show({ ...state, phase: 'checking' });
    // What an exact check stops makes room for the next one, which is then checked in its turn.
    for (let round = 0; round < ROUNDS && mine === run.current; round++) {
      const ranked = rankCandidates(candidatesOf(state), weightsOf(question.ask));
      const open = withVariety(ranked, VARIED)
        .slice(0, round === 0 ? FINALISTS : VARIED)
        .map((r) => r.candidate)
        .filter((c) => !state.exact.has(c.id));
      if (open.length === 0) break;
      await deal(
        open,
        (worker, candidate) => worker.exactCandidate(question, candidate),
        (result, candidate) => show({ ...state, exact: new Map(state.exact).set(candidate.id, result) }),
        2,
      );
    }
    if (mine !== run.current) return;
    show({ ...state, phase: 'done', seconds: (performance.now() - begun) / 1000 });
    finished.set(key, state);
    if (finished.size > KEPT) finished.delete(finished.keys().next().value!);
  }, [key, question, tried]);

  /** Checks one more candidate in full. */
  const makeExact = useCallback(
    async (candidate: Candidate) => {
      const result = await searching()[0]!.exactCandidate(question, candidate);
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
