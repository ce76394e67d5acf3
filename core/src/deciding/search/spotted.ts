import type { CarrierScene } from '../../posing/scene/carrierScene';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { FramedSetUp, StanceFrame } from '../../physics/framing/stanceFrame';
import type { Sightlines } from '../../physics/framing/sightlines';
import type { Check } from '../../judging/check/check';
import type { IntentDefinition } from '../../words/shot/intent';
import type { searchedCarrier, SearchQuestion } from './searchQuestion';

/** How far each round goes: estimates, held against an exhaustive search on small kits (practice.test.ts) and for speed by npm run bench. */
export const KEPT = {
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

/** What is being searched. */
export interface Spotted {
  readonly question: SearchQuestion;
  readonly carrier: ReturnType<typeof searchedCarrier>;
  readonly scene: CarrierScene;
  readonly intent: IntentDefinition;
  readonly checks: readonly Check[];
  readonly kept: { readonly [K in keyof typeof KEPT]: number };
}

/** Pictures looked at so far. */
export interface Count {
  tried: number;
  inAllStances: number;
}

/** A picture that shows something of what is asked. */
export interface Sketch {
  readonly sightlines: Sightlines;
  readonly resolved: ResolvedSetUp;
  readonly horizonAt: number | null;
  /** In the action stance. */
  readonly action: StanceFrame;
  readonly score: number;
}

/** With its pictures in all stances, and its score over them. */
export type FramedSketch = Sketch & { readonly framed: FramedSetUp };
