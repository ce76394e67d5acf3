import type { PanTiltRoll } from '../../mathematics/geometry/rotation';
import type { SurfaceState } from '../kit/grip';
import type { Fastening } from './fastening';
import type { CameraMounting } from '../kit/camera';

/** One link of the strut as it is set. Angles are seen from the spot: bend away from the normal, turn round it. */
export interface LinkUse {
  readonly linkId: string;
  readonly lengthM: number;
  /** 0 = straight out from the surface, 90 = along it toward the spot's reference. */
  readonly bendDeg: number;
  /** Turn of the bend about the normal, 0 = along the reference, positive clockwise seen from outside. */
  readonly turnDeg: number;
}

/** Conditions of the moment in which a base was pressed on; what is missing is as in the ride. */
export interface PutOn {
  readonly altitudeM?: number;
  readonly temperatureC?: number;
}

/**
 * A further arm to the same camera, from a base of its own: beside the first on the same part, or by another spot of a part that moves with it,
 * so that both move as one. It is straight, of whatever length it takes from there to the camera's cage.
 */
export interface FurtherArm {
  /** By which spot its base stands; none = by that of the set-up, wherever it has slid. */
  readonly spotId?: string;
  /** From the spot along its reference (on most spots: ahead), over the surface; metres, negative = back. */
  readonly alongM: number;
  /** From the spot across that, to the right where the reference is ahead; metres, negative = left. */
  readonly acrossM: number;
  readonly baseId: string;
  readonly linkId: string;
}

/** What keeps the camera if it comes off: from round the camera itself to something that cannot leave. */
export interface TetherUse {
  readonly tetherId: string;
  /** What it is tied to; none = what holds it beside the base: a pad that is stuck on, the strap of what it is worn by, the wrist. */
  readonly partId?: string;
  /** From the camera to what it is tied to, metres. */
  readonly lengthM: number;
}

/** One shot's camera where it sits and how it points. Ids and numbers only: results are computed. */
export interface SetUp {
  readonly spotId: string;
  /** How far the spot has slid from its usual place along its zone, away from the mark; metres, none = 0. */
  readonly slideM?: number;
  readonly baseId: string;
  /** Mass of another device on a base that has room for one, kilograms; none = nothing there. */
  readonly besideKg?: number;
  readonly links: readonly LinkUse[];
  /** Arms beside the first, to a camera with several screw points; none = one arm. */
  readonly furtherArms?: readonly FurtherArm[];
  /** None = not named: then the sheets say how long it may be. */
  readonly tether?: TetherUse;
  readonly headId: string;
  readonly cameraId: string;
  /** What is on the camera besides filters: a housing or cradle, a hood or a lens; none = nothing. */
  readonly addOnIds?: readonly string[];
  readonly modeId: string;
  readonly stabiliserId: string;
  readonly mounting: CameraMounting;
  /** What a level on the camera reads in the set-up stance (pan from straight ahead). */
  readonly angles: PanTiltRoll;
  /** What a powered gimbal's lens keeps, degrees from level, centred in the riding posture; 0 where it is not told. */
  readonly gimbalTiltDeg?: number;
  /** How the body of a two-lens camera is tilted where its view is turned afterwards; degrees in the set-up stance, positive = front lens up, none = level. */
  readonly bodyTiltDeg?: number;
  /** Stops of grey glass before the lens; none = 0. */
  readonly ndStops?: number;
  /** A polarising filter before the lens, turned to where it takes most of what glass and water mirror. */
  readonly polariser?: boolean;
  /** Exposure held by hand, seconds; none = automatic for the light. */
  readonly shutterS?: number;
  /** Opening held by hand, f-number; none = as wide as it goes. */
  readonly apertureN?: number;
  /** Most gain that the automatic may take, ISO; none = all that the camera has. */
  readonly isoMost?: number;
  /** Stops by which the picture is exposed more (positive) or less than the automatic would; none = 0. */
  readonly compensation?: number;
  /** The exposure is locked on the way ahead before the take. */
  readonly exposureLock?: boolean;
  /** How hard strap, harness or clamp are drawn; none = as usual. */
  readonly fastening?: Fastening;
  /** How the surface is when the base goes on; none = clean and dry. */
  readonly surfaceState?: SurfaceState;
  /** Hours from putting the base on to the ride; none = overnight for a pad, at once for a cup. */
  readonly curedH?: number;
  /** Where a cup or pad was put on; none = where it is ridden. */
  readonly putOn?: PutOn;
}
