import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { RiderZone } from '../../posing/rig/riderZone';
import type { Ask } from '../../words/shot/ask';
import type { CandidateFacts, Rejection, Term } from './candidate';
import type { SearchedCarrier } from './searchQuestion';
import type { Sightlines } from '../../physics/framing/sightlines';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolveSetUp';
import type { IntentDefinition } from '../../words/shot/intent';
import type { CheckId } from '../../words/check/result';

/** One strut of a search with everything that a check may ask about it. */
export interface CandidateScene {
  readonly carrier: SearchedCarrier;
  readonly ask: Ask;
  readonly intent: IntentDefinition;
  readonly resolved: ResolvedSetUp;
  /** The strut in the action stance. */
  readonly pose: StrutPose;
  readonly framed: FramedSetUp;
  readonly sightlines: Sightlines;
  readonly zone: RiderZone | null;
  /** One of the finalists: its pictures are cast ray by ray, and no cubes are there. */
  readonly exact: boolean;
  /** What earlier checks found and later ones use. */
  readonly shaken: { accelerationMS2: number; landingG: number } | null;
}

export interface Judged {
  /** A hard stop: the strut is not taken. */
  readonly stop: Rejection | null;
  readonly terms: readonly Term[];
  readonly facts?: Partial<CandidateFacts>;
  readonly shaken?: NonNullable<CandidateScene['shaken']>;
}

/** What a check says in a search. Cheap ones see every strut that shows something; dear ones only those that are left. */
export interface SearchCheck {
  readonly check: CheckId;
  readonly cost: 'cheap' | 'dear';
  readonly judge: (scene: CandidateScene) => Judged;
  /** What can be said of a place before anything is seen from it: a stop here saves looking. */
  readonly atPlace?: (scene: Omit<CandidateScene, 'framed' | 'sightlines'>) => Rejection | null;
}
