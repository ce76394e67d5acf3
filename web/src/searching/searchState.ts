import type { Candidate, ExactCandidate, SearchQuestion, SpotResult } from '@strut-spot/core';

/** A search as far as it has come. */
export interface SearchState {
  readonly phase: 'idle' | 'searching' | 'checking' | 'done' | 'cancelled' | 'failed';
  /** Why it failed. */
  readonly because?: string;
  readonly done: number;
  readonly jobs: number;
  readonly spots: readonly SpotResult[];
  readonly exact: ReadonlyMap<string, ExactCandidate>;
  /** Whole time, once it is done. */
  readonly seconds: number | null;
}

export const NOTHING: SearchState = { phase: 'idle', done: 0, jobs: 0, spots: [], exact: new Map(), seconds: null };

/** What a search depends on: weights only rank what was found. */
export const keyOf = ({ ask, ...rest }: SearchQuestion): string =>
  JSON.stringify({ ...rest, ask: { ...ask, weights: {} } });

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

/** Pictures looked at on spots that are done. */
export const triedIn = (spots: readonly SpotResult[]): number => spots.reduce((sum, { tried }) => sum + tried, 0);
