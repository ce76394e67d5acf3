import type { FrameMeasures } from './measureFrame';
import { FRAME_GROUPS, type FrameShares } from '../../words/shot/frameGroup';
import type { GimbalState } from '../../posing/strut/gimbal';
import type { StitchedPart } from './stitchZone';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';

export interface StanceFrame {
  readonly stanceId: string;
  readonly name: string;
  /** Share of the riding time; the set-up stance has 0. */
  readonly share: number;
  readonly measures: FrameMeasures;
  /** Speed feel against the rider's own eyes (1.0); null when the frame or the eyes show no ground. */
  readonly speedFeel: number | null;
  /** Where a powered gimbal comes to the end of its range; null while it holds or where there is none. */
  readonly gimbalRunsOut: GimbalState['runsOut'];
  /** Share of each turn of the cranks for which a leg covers more than half of the picture; 0 where nobody pedals. */
  readonly legsCover: number;
  /** Where the lens stands: height over the local ground, ahead of the eyes (null where nobody looks); metres. */
  readonly lensHeightM: number;
  /** Whether the picture stands on its head: the sky line does not tell, as it looks the same turned by half. */
  readonly onItsHead: boolean;
  /** Ahead of the base of the filmer's neck as the machine goes, metres; null where nobody is on board. */
  readonly aheadOfNeckM: number | null;
  /** Over the base of the filmer's neck, metres; null where nobody is on board. */
  readonly overShouldersM: number | null;
  /** Share of the craft's ends (nose, tail, both sides, top) that lie in the picture, or that the lens stands at. */
  readonly endsInFrame: number;
  /** Whether nose and tail are both among them, and the angle between the ways to them; null where the lens stands at one of the two. */
  readonly lengthwise: { readonly bothEnds: boolean; readonly spanDeg: number | null };
  /** From where whoever films is seen, as the own eyes look: degrees above (negative: below) and round from straight ahead, metres from the eyes; null where nobody looks. */
  readonly faceFrom: { readonly upDeg: number; readonly asideDeg: number; readonly awayM: number } | null;
  /** Whether the head of whoever films lies in the picture, far enough to be part of a figure; null where nobody is on board. */
  readonly riderInFrame: boolean | null;
  /** From the lens to the nearer of hips and waist of whoever films, metres; null where nobody is on board. */
  readonly fromTrunkM: number | null;
  /** Whether that head is seen through glass of the machine. */
  readonly riderBehindGlass: boolean;
  /** Whether roof or canopy of the machine lies close over the lens. */
  readonly underRoof: boolean;
  /** Share of the picture that is seen through glass. */
  readonly throughGlass: number;
  /** Of the picture, through glass so near that a splash on it stands before much of it. */
  readonly throughNearGlass: number;
  /** Parts that the seam of a two-lens camera takes, most first; empty for others. */
  readonly stitched: readonly StitchedPart[];
}

export interface FramedSetUp {
  readonly resolved: ResolvedSetUp;
  readonly actionStanceId: string;
  /** Ids of the machine's working parts. */
  readonly working: readonly string[];
  /** Whether the filmer holds something in the action stance. */
  readonly held: boolean;
  /** Whether it is on board of what moves; not beside the course. */
  readonly aboard: boolean;
  /** Whether what carries the camera is swung about by hand. */
  readonly swung: boolean;
  readonly stances: readonly StanceFrame[];
  /** Shares weighted by riding time. */
  readonly weightedShares: FrameShares;
  /** The same of the picture's middle half across and down. */
  readonly weightedMiddle: FrameShares;
  readonly weightedSpeedFeel: number | null;
  readonly problems: readonly { readonly stanceId: string; readonly limb: string; readonly shortM: number }[];
}

/** Shares of several stances' pictures, by the time that is ridden in each. */
export function overRide(stances: readonly StanceFrame[], of: 'shares' | 'middle'): FrameShares {
  const ridden = stances.reduce((sum, s) => sum + s.share, 0) || 1;
  // Number by number: a search asks it some ten thousand times.
  const shares = { way: 0, ground: 0, sky: 0, hands: 0, machine: 0, rider: 0, face: 0, subject: 0, own: 0 };
  for (const { share, measures } of stances) {
    const seen = measures[of];
    for (const group of FRAME_GROUPS) shares[group] += (share / ridden) * seen[group];
  }
  return shares;
}

/** Columns of the grid that shares are read from; worst error 0.57 percentage points at 64, see docs/models.md. */
export const MEASURE_COLUMNS = 64;
