import {
  rankCandidates,
  SCHOOLS,
  schoolCosts,
  sheetCards,
  withVariety,
  type Ranked,
  type SchoolId,
  type SpotResult,
  type Weights,
} from '@strut-spot/core';
import { useMemo } from 'react';
import { VARIED } from '../../searching/runSearch';
import { candidatesOf, spotsOf, type SearchState } from '../../searching/searchState';

/** A card of the sheet: one place to film from, and how many like it are folded under it. */
export interface SheetCard {
  readonly ranked: Ranked;
  readonly alike: number;
}

interface ContactSheet {
  readonly spots: readonly SpotResult[];
  /** All that hold up, best first. */
  readonly ranked: readonly Ranked[];
  /** What each school would cost. */
  readonly costs: ReturnType<typeof schoolCosts>;
  /** Those that the chosen schools hold, the first of them different from each other. */
  readonly sheet: readonly Ranked[];
  readonly cards: readonly SheetCard[];
}

/** What a search has found so far, laid out for the sheet. @param unfolded ids of candidates whose near-copies stand beside them */
export function useContactSheet(
  state: SearchState,
  {
    weights,
    schools,
    unfolded,
    busy,
  }: {
    readonly weights: Weights;
    readonly schools: readonly SchoolId[];
    readonly unfolded: readonly string[];
    readonly busy: boolean;
  },
): ContactSheet {
  const ranked = useMemo(() => rankCandidates(candidatesOf(state), weights), [state, weights]);
  const spots = useMemo(() => spotsOf(state), [state]);
  const costs = useMemo(() => schoolCosts(ranked, weights), [ranked, weights]);
  const kept = useMemo(
    () => ranked.filter((r) => schools.every((id) => SCHOOLS.find((s) => s.id === id)!.holds(r.candidate))),
    [ranked, schools],
  );
  const sheet = useMemo(() => withVariety(kept, VARIED), [kept]);
  const cards = useMemo(
    () =>
      // While it is searched they change with every answer: folding waits.
      busy
        ? sheet.slice(0, VARIED).map((ranked) => ({ ranked, alike: 0 }))
        : sheetCards(kept, VARIED).flatMap(({ ranked, alike }) =>
            unfolded.includes(ranked.candidate.id)
              ? [ranked, ...alike].map((one) => ({ ranked: one, alike: 0 }))
              : [{ ranked, alike: alike.length }],
          ),
    [busy, sheet, kept, unfolded],
  );
  return { spots, ranked, costs, sheet, cards };
}
