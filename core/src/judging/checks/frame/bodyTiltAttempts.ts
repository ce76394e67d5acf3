import { straightOnPole, turnedAfterwards } from '../../../posing/strut/kinematics';
import type { SetUp } from '../../../words/setUp/setUp';
import type { Attempt } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';

/** Tilts of the body of a two-lens camera that are tried, degrees up from level in the set-up stance: as finely as a hand sets it. */
const TILTS_DEG = [-60, -45, -30, -15, 0, 15, 30, 45, 60, 75, 90];
/** So much of a turn is as much trouble again as taking hold of the camera. Common practice, no source. */
const TURN_DEG = 60;

/**
 * A seam that lies over hands or subject goes elsewhere when the body with its two lenses is tilted: a view turned out of the sphere afterwards stays
 * as it is, a sphere that is kept whole turns with the body. None on a pole, along which the seam must lie.
 */
export function bodyTiltAttempts({ question: { setUp }, resolved }: ShotScene): readonly Attempt[] {
  if (!resolved.camera.stitch || straightOnPole(resolved)) return [];
  const afterwards = turnedAfterwards(resolved);
  const now = afterwards ? (setUp.bodyTiltDeg ?? 0) : setUp.angles.tiltDeg;
  const tilted = (tiltDeg: number): SetUp =>
    afterwards ? { ...setUp, bodyTiltDeg: tiltDeg } : { ...setUp, angles: { ...setUp.angles, tiltDeg } };
  return TILTS_DEG.filter((tiltDeg) => Math.abs(tiltDeg - now) >= 1).map((tiltDeg) => ({
    id: `body-tilt-${tiltDeg}`,
    mends: 'seam',
    alike: 'body-tilt',
    text: `tilt the camera’s body to ${tiltDeg === 0 ? 'level' : `${Math.abs(tiltDeg)}° ${tiltDeg > 0 ? 'up' : 'down'}`}, standing upright`,
    setUp: tilted(tiltDeg),
    effort: 1 + Math.abs(tiltDeg - now) / TURN_DEG,
    costs: 'a turn',
  }));
}
