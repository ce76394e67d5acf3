import type { StanceShares } from '../../words/rig/rigSpec';
import type { CostClass } from '../../words/kit/cost';
import type { SetUp } from '../../words/setUp/setUp';
import type { CheckId, Verdict } from '../../words/check/result';
import type { TermId } from '../../words/shot/ask';

/** What one thing brings to a candidate's score. */
export interface Term {
  /** One of those that can be weighed, or a check's own. */
  readonly id: TermId | (string & {});
  /** 0 = nothing, 1 = all that can be wished. */
  readonly value: number;
  /** The figure behind it in words, with its unit. */
  readonly text: string;
  /** Nobody asked for it: it counts in a ranking that weighs it, and is no reason for a change. */
  readonly unasked?: true;
}

/** Where on rider or machine a camera sits, for grouping and for the schools of the trade. */
export type PlaceKind = 'head' | 'body' | 'machine' | 'beside';

/** One way to take the shot, with all that ranks and describes it; plain data. */
export interface Candidate {
  /** Says all that it is made of; the same strut has the same id. */
  readonly id: string;
  readonly carrierId: string;
  readonly spotId: string;
  readonly spotName: string;
  readonly placeKind: PlaceKind;
  readonly setUp: SetUp;
  readonly horizonAt: number | null;
  /** Ridden wholly in another stance than asked, since what carries it must be free; null = as asked. */
  readonly onlyIn: OnlyIn | null;
  readonly terms: readonly Term[];
  readonly facts: CandidateFacts;
  /** What each check calls it, by the check's id. */
  readonly verdicts: Readonly<Record<CheckId, Verdict>>;
  /** Whether its picture was cast exactly, or looked up in the coarse pass. */
  readonly exact: boolean;
}

/** A stance in which the whole of a take is ridden. */
export interface OnlyIn {
  readonly stanceId: string;
  readonly name: string;
  readonly stanceShares: StanceShares;
}

export interface CandidateFacts {
  /** Shares of the picture over the ride. */
  readonly shares: Readonly<Record<string, number>>;
  readonly speedFeel: number | null;
  /** Share of the picture that is the slope below, over the stances that go downhill; null where none does. */
  readonly slopeShown: number | null;
  /** What the seam of a two-lens camera takes of hands, face or subject in the action stance; empty for others and in the coarse pass. */
  readonly inSeam: readonly string[];
  /** 1 = spoilt by shaking; null before it is known. */
  readonly unsteadiness: number | null;
  readonly massKg: number;
  readonly minutes: number;
  readonly cost: CostClass;
  readonly cameraName: string;
  readonly modeName: string;
  readonly stabiliserName: string;
  readonly baseName: string;
  readonly linkNames: readonly string[];
  readonly damped: boolean;
  /** Where the picture looks is turned out of a whole sphere afterwards: the angles are the view's, not the body's. */
  readonly viewAfterwards?: true;
  readonly horizontalFovDeg: number;
  /** Lens in the action stance: height over the ground, and where it looks from straight ahead. */
  readonly heightM: number;
  readonly viewDeg: number;
  /** From the spot to the lens, metres. */
  readonly outM: number;
}

/** Why something was not taken. */
export interface Rejection {
  readonly check: string;
  readonly because: string;
  readonly mend: string | null;
  /** Whether nothing at all can be had there: with the kit that was looked through, or with any. */
  readonly bars?: 'this kit' | 'any kit';
  /** Met by the lightest camera of the box straight on a base: nothing simpler would do better. */
  readonly simplest?: true;
}

/** What came out at one spot. */
export interface SpotResult {
  readonly carrierId: string;
  readonly spotId: string;
  readonly spotName: string;
  /** Pictures that were held against the ask. */
  readonly tried: number;
  /** Of these in every stance. */
  readonly inAllStances: number;
  /** Best first by the usual weights. */
  readonly candidates: readonly Candidate[];
  /** What one would name first. */
  readonly rejections: readonly (Rejection & { readonly times: number })[];
}
