import type { Check } from '../../judging/check/check';

/** How far each round goes: estimates, held against an exhaustive search on small kits (practice.test.ts) and for speed by npm run bench. */
const USUAL = {
  /** Places at a spot that go on after a look in the action stance. */
  places: 17,
  /** Views of each camera at a place that are looked at in all stances. */
  viewsPerCamera: 3,
  /** Of those that reach out, looked at in all stances. */
  inAllStances: 96,
  /** Struts of a spot that the dear checks see. */
  judged: 28,
  /** Beyond them, for those that a check rejects. */
  spares: 16,
  /** Where no picture scores as much, nothing is judged. */
  leastScore: 0,
  /** Of these, at most so many straight on their base, before any arm. */
  plain: 13,
  /** Of the plain ones, steadied, of different cameras, slid along the stretch that their spot has; and the best that reaches out. */
  slid: 4,
  /** Of these, with soft pieces as well. */
  softened: 4,
  /** Bases that the first of them are tried on, and how many those are. */
  bases: 3,
  onEveryBase: 8,
  /** Where fewer hold up, those whose picture is stopped fill up to so many. */
  stopped: 6,
  /** Handed back. */
  candidates: 24,
} as const;

/** Over all stances a picture is hardly ever better than in the action stance by more. Estimate 0.01 to 0.05. */
export const BETTER_OVER_ALL = 0.03;

export type HowFar = { readonly [K in keyof typeof USUAL]: number };

const HASTY: HowFar = {
  ...USUAL,
  places: 3,
  viewsPerCamera: 1,
  inAllStances: 24,
  judged: 8,
  spares: 6,
  plain: 6,
  leastScore: 0.35,
  slid: 0,
  onEveryBase: 2,
  candidates: 4,
};

const IN_HASTE = {
  plain: {},
  // A pole points many ways, and few of them show it.
  reaching: { places: 14, judged: 12 },
  // What shows little at the usual place may show it elsewhere on the part.
  sliding: { slid: 3, leastScore: 0.2 },
} as const;

const EXHAUSTIVE: HowFar = {
  ...USUAL,
  places: Infinity,
  viewsPerCamera: Infinity,
  judged: Infinity,
  plain: Infinity,
  inAllStances: Infinity,
  spares: Infinity,
  onEveryBase: Infinity,
  candidates: Infinity,
  stopped: Infinity,
};

export interface SearchOptions {
  /** Leaves nothing out: every place and view goes through every round. For tests; slow. */
  readonly exhaustive?: boolean;
  /** Looks at a few places, views and struts only, where any answer will do: straight on their bases, reaching out, or slid along a part. */
  readonly hasty?: keyof typeof IN_HASTE;
  /** The house's own checks, or others. */
  readonly checks?: readonly Check[];
}

export const howFar = ({ exhaustive, hasty }: SearchOptions): HowFar =>
  exhaustive ? EXHAUSTIVE : hasty ? { ...HASTY, ...IN_HASTE[hasty] } : USUAL;
