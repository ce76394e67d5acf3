import type { CheckId, CheckResult, Unit, Verdict } from '../../words/check/result';
import type { SetUp } from '../../words/setUp/setUp';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { ShotHour } from '../../words/shot/moment';
import type { ShotUse } from '../../words/shot/use';
import type { ShotScene } from '../scene/shotScene';
import type { CandidateFacts, Rejection, Term } from './candidate';

/** A figure that a check holds things against, for whoever asks where it comes from. */
interface CheckLimit {
  readonly what: string;
  readonly value: number;
  readonly unit: Unit;
  readonly source: string;
}

/** How much is found out: the mends of a bench at rest need more than a row of a list. */
export interface Depth {
  /** With how far estimates may lie off. */
  readonly ranges: boolean;
  /** With densities for charts. */
  readonly spectra: boolean;
}

/** What a check says of a strut in a search. */
export interface Judged {
  readonly verdict: Verdict;
  /** Why the strut is not taken at all; a stop that leaves something to choose is told by the verdict alone. */
  readonly rejection: Rejection | null;
  readonly terms: readonly Term[];
  readonly facts?: Partial<CandidateFacts>;
}

export interface SearchTerm {
  /** Cheap ones see every strut that shows something; dear ones only those that are left. */
  readonly cost: 'cheap' | 'dear';
  readonly judge: (scene: ShotScene) => Judged;
  /** What can be said of a place before anything is seen from it: a rejection here saves looking. */
  readonly atPlace?: (scene: ShotScene) => Rejection | null;
  /** Whether a few columns of its picture already say that this check stops it: such a strut is gone into only where little else holds up. */
  readonly pictureStops?: (scene: ShotScene) => boolean;
  /** The same as atPlace for searches in haste: another camera, whose lens lies some centimetres off, might see a little more. */
  readonly aboutPlace?: (scene: ShotScene) => Rejection | null;
}

/** A change that may mend something; what it does is found out by trying it. */
export interface Attempt {
  readonly id: string;
  readonly text: string | ((after: ShotScene) => string);
  /** The set-up as it would be; none = as it is. */
  readonly setUp?: SetUp;
  readonly ride?: Partial<RideConditions>;
  /** The camera run in another way. */
  readonly use?: ShotUse;
  /** Taken at another hour or on another way. */
  readonly hour?: Partial<Pick<ShotHour, 'at' | 'headingDeg'>>;
  /** The camera goes to another place, and is aimed anew. */
  readonly elsewhere?: boolean;
  /** The finding that it is for, where a check has several that do not hang together: that one must get better and no other worse. */
  readonly mends?: string;
  /** Of those with the same word only the best is told. */
  readonly alike?: string;
  /** How dear it is beside a bought piece. */
  readonly effort: number;
  /** What it costs, in words. */
  readonly costs: string;
}

/** One check, all of it. Methods, so that a list may hold checks of many findings. Whoever draws or searches takes what the list of checks holds and knows none by name. */
export interface Check<Found = unknown> {
  readonly id: CheckId;
  readonly name: string;
  readonly question: string;
  readonly units: readonly Unit[];
  readonly limits: readonly CheckLimit[];
  /** Too dear to follow a hand that drags: left out until it rests. */
  readonly waits?: true;
  /** What there is to know, plain data. */
  report(scene: ShotScene, depth: Depth): Found;
  /** What is said of it; null where nothing was asked. */
  judge(found: Found, scene: ShotScene): CheckResult | null;
  readonly searchTerm: SearchTerm;
  /** How surely a change is for the better, in words, with everything uncertain drawn alike in both; null where it hardly ever is, none = there is nothing to draw. */
  surely?(before: ShotScene, after: ShotScene): string | null;
  /** What may mend it, unproved. */
  mend(scene: ShotScene, result: CheckResult): readonly Attempt[];
}
