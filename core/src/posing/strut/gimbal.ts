import {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
  type PanTiltRoll,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { clamp } from '../../mathematics/units/angle';
import type { GimbalRange } from '../../words/kit/camera';

export interface GimbalState {
  /** Where the lens looks, world frame. */
  readonly worldFromCamera: Rotation;
  /** Against the handle, after the limits. */
  readonly angles: PanTiltRoll;
  /** How far it would have to go beyond its range, degrees, and on which axis; null while it holds. */
  readonly runsOut: { readonly axis: 'pan' | 'tilt' | 'roll'; readonly byDeg: number } | null;
}

/**
 * A powered gimbal on a handle: it follows the handle's pan, keeps the tilt it was set to and the horizon level, as far as its
 * axes go; beyond them the handle drags it along.
 * @param worldFromHandle the handle as the strut holds it; at the set-up it points where the lens was set
 * @param tiltDeg what the lens keeps, from level, positive up
 */
export function gimbalState(
  worldFromHandle: Rotation,
  tiltDeg: number,
  range: Pick<GimbalRange, 'pan' | 'tilt' | 'roll'>,
): GimbalState {
  const { panDeg } = panTiltRollFromRotation(worldFromHandle);
  const wanted = rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg: 0 });
  const needed = panTiltRollFromRotation(multiplyRotations(inverseRotation(worldFromHandle), wanted));
  const within = (value: number, [low, high]: readonly [number, number]) => clamp(value, low, high);
  const angles: PanTiltRoll = {
    panDeg: within(needed.panDeg, range.pan),
    tiltDeg: within(needed.tiltDeg, range.tilt),
    rollDeg: within(needed.rollDeg, range.roll),
  };
  const over = [
    { axis: 'pan' as const, byDeg: Math.abs(needed.panDeg - angles.panDeg) },
    { axis: 'tilt' as const, byDeg: Math.abs(needed.tiltDeg - angles.tiltDeg) },
    { axis: 'roll' as const, byDeg: Math.abs(needed.rollDeg - angles.rollDeg) },
  ].reduce((a, b) => (b.byDeg > a.byDeg ? b : a));
  return {
    worldFromCamera: multiplyRotations(worldFromHandle, rotationFromPanTiltRoll(angles)),
    angles,
    runsOut: over.byDeg > 1e-6 ? over : null,
  };
}

/**
 * What the lens keeps when the gimbal is centred in the action stance: the tilt that the handle has there.
 * @param change see stanceChange @param angles the handle as read in the set-up stance
 */
export const centredTiltDeg = (change: Rotation, angles: PanTiltRoll): number =>
  panTiltRollFromRotation(multiplyRotations(change, rotationFromPanTiltRoll(angles))).tiltDeg;
