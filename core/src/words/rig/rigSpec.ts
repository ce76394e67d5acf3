import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { OwnKit } from '../kit/ownKit';
import type { Fit } from '../carrier/dimension';
import type { Surface } from '../carrier/surface';

/** What rides: machine with its fitted measures, what is worn, and the rider's stature. */
export interface RigSpec {
  readonly machineId: string;
  readonly fit: Fit;
  readonly wornIds: readonly string[];
  readonly statureM: number;
  /** Whoever else usually comes along stays at home. */
  readonly alone?: boolean;
  /** Somebody or something else to be framed: another rider, vehicle, boat or aircraft. */
  readonly subject?: SubjectSpec;
  /** How the time is spent, where not as usual. */
  readonly stanceShares?: StanceShares;
  /** Cameras, links and bases that the user added. */
  readonly ownKit?: OwnKit;
  /** Spots that the user put on parts by hand. */
  readonly ownSpots?: readonly OwnSpot[];
  /** How cameras on it were found to stand in test clips; never stored with it, always worked out anew. */
  readonly learnt?: readonly LearntTurn[];
}

/**
 * How far a camera on a part was found to stand, under way, from where it was thought to: turned up (pitch) and with its right side down (roll)
 * by one who looks ahead, degrees.
 */
export interface LearntTurn {
  /** none = wherever it is. */
  readonly partId?: string;
  /** none = wherever on the part. */
  readonly spotId?: string;
  /** What it is mounted with, see strutOf; none = whatever it is. */
  readonly strut?: string;
  readonly pitchDeg: number;
  readonly rollDeg: number;
}

/** Shares of the riding time by stance, 0 to 1; what is not named goes as usual. */
export type StanceShares = Readonly<Record<string, number>>;

export interface SubjectSpec {
  readonly machineId: string;
  /** From the carrier (or, beside the course, from the line to the camera), metres. */
  readonly distanceM: number;
  /** 0 = ahead, 90 = to the right, 180 = behind. */
  readonly bearingDeg: number;
  /** Its heading against ours: 0 = the same way. */
  readonly headingDeg: number;
  /** Its height over ours, metres. */
  readonly aboveM: number;
}

/** A spot by point and normal in its part's frame. */
export interface OwnSpot {
  readonly id: string;
  readonly name: string;
  readonly partId: string;
  readonly point: Vec3;
  readonly normal: Vec3;
  readonly surface: Surface;
}
