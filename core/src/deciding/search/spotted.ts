import type { CarrierScene } from '../../posing/scene/carrierScene';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { FramedSetUp, StanceFrame } from '../../physics/framing/stanceFrame';
import type { Sightlines } from '../../physics/framing/sightlines';
import type { Check } from '../../judging/check/check';
import type { Rejection } from '../../judging/check/candidate';
import type { SetUp } from '../../words/setUp/setUp';
import type { IntentDefinition } from '../../words/shot/intent';
import type { HowFar } from './howFar';
import type { searchedCarrier, SearchQuestion } from './searchQuestion';

/** What is being searched. */
export interface Spotted {
  readonly question: SearchQuestion;
  readonly carrier: ReturnType<typeof searchedCarrier>;
  readonly scene: CarrierScene;
  readonly intent: IntentDefinition;
  readonly checks: readonly Check[];
  readonly kept: HowFar;
  /** Any answer will do: first looks leave more out. */
  readonly inHaste: boolean;
}

/** Pictures looked at so far. */
export interface Count {
  tried: number;
  inAllStances: number;
}

/** Told of each strut that is not taken: why, and what of it says whether a simpler one would be. */
export type Reject = (rejection: Rejection, strut: Pick<SetUp, 'links' | 'cameraId'>) => void;

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
