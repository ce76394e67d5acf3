import {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
  type PanTiltRoll,
  type Rotation,
} from '../../../mathematics/geometry/rotation';
import { addScaled, cross, dot, length, normalize, scale, type Vec3 } from '../../../mathematics/geometry/vec3';
import {
  projectDirectionToPixel,
  unprojectPixelToDirection,
  type Lens,
  type Pixel,
} from '../../../mathematics/lens/lens';
import { clamp, toDeg } from '../../../mathematics/units/angle';

type HorizonReading =
  | { readonly kind: 'read'; readonly tiltDeg: number; readonly rollDeg: number }
  | { readonly kind: "can't say"; readonly because: string };

/**
 * How the camera really pointed, from two points of the level horizon marked in its picture: the two directions span the
 * level plane, whose normal is the world's up seen by the camera, (sin t, cos t·cos r, -cos t·sin r). Exact for every
 * projection.
 * @param left, right pixels of the full picture; the picture's top is taken to be the camera's top
 */
export function readHorizon(lens: Lens, left: Pixel, right: Pixel): HorizonReading {
  const a = unprojectPixelToDirection(lens, left);
  const b = unprojectPixelToDirection(lens, right);
  if (!a || !b) return { kind: "can't say", because: 'a mark lies outside the lens circle' };
  const span = cross(a, b);
  if (length(span) < 0.02) {
    return { kind: "can't say", because: 'the two marks are too close together: set them far apart on the horizon' };
  }
  let up: Vec3 = scale(span, 1 / length(span));
  if (dot(up, [0, 1, 0]) < 0) up = scale(up, -1);
  return {
    kind: 'read',
    tiltDeg: toDeg(Math.asin(clamp(up[0], -1, 1))),
    rollDeg: toDeg(Math.atan2(-up[2], up[1])),
  };
}

/**
 * The turn between what was predicted and what the clip shows, in the world of the action stance: the posture, the spot or
 * the level was off by this much. A horizon says nothing about pan: where nothing else does either, the predicted pan is kept.
 */
export function postureError(
  predicted: Rotation,
  reading: { readonly panDeg?: number; readonly tiltDeg: number; readonly rollDeg: number },
): Rotation {
  const { panDeg = panTiltRollFromRotation(predicted).panDeg } = reading;
  const actual = rotationFromPanTiltRoll({ panDeg, tiltDeg: reading.tiltDeg, rollDeg: reading.rollDeg });
  return multiplyRotations(actual, inverseRotation(predicted));
}

/** Set-up angles at which a camera, carried through `change` (set-up to action stance), points as wanted in the action stance. */
export const setUpAnglesFor = (change: Rotation, wanted: PanTiltRoll): PanTiltRoll =>
  panTiltRollFromRotation(multiplyRotations(inverseRotation(change), rotationFromPanTiltRoll(wanted)));

/** The horizon from one mark to the other as the lens draws it, and a little beyond both; pixels, from left to right. Empty where a mark lies outside the lens circle. */
export function horizonBetween(lens: Lens, left: Pixel, right: Pixel, points = 41): readonly Pixel[] {
  const a = unprojectPixelToDirection(lens, left);
  const b = unprojectPixelToDirection(lens, right);
  if (!a || !b || length(cross(a, b)) < 1e-6) return [];
  const normal = normalize(cross(a, b));
  const across = cross(normal, a);
  const angle = Math.acos(clamp(dot(a, b), -1, 1));
  return Array.from({ length: points }, (_, i) => (1.1 * i) / (points - 1) - 0.05).flatMap((share) => {
    const turned = share * angle;
    const direction = addScaled(scale(a, Math.cos(turned)), across, Math.sin(turned));
    const pixel = projectDirectionToPixel(lens, direction);
    return pixel ? [pixel] : [];
  });
}
