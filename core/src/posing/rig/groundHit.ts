import { addScaled, dot, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Ground } from '../../words/carrier/land';

/**
 * How far a direction is above the sky line, as the sine of an angle: positive = sky. The sky begins where neither the
 * local slope nor the level country beyond it is met.
 */
export const skyness = (ground: Ground, direction: Vec3): number =>
  Math.min(dot(direction, ground.normal), direction[1]);

interface GroundHit {
  readonly distanceM: number;
  readonly point: Vec3;
}

/** Where a ray from above meets the local ground; null when it goes over it into the level country or the sky. */
export function groundHit(ground: Ground, origin: Vec3, direction: Vec3): GroundHit | null {
  const down = dot(direction, ground.normal);
  if (down >= -1e-9) return null;
  const distanceM = dot(subtract(ground.point, origin), ground.normal) / down;
  return distanceM > 0 ? { distanceM, point: addScaled(origin, direction, distanceM) } : null;
}

/** Height of a point above the local ground, metres, at right angles to it. */
export const heightAboveGround = (ground: Ground, point: Vec3): number =>
  dot(subtract(point, ground.point), ground.normal);

/** Fall of the local ground along the way of travel, degrees; positive downhill. */
export const fallDeg = ({ normal, ahead }: Ground): number =>
  (Math.asin(Math.max(-1, Math.min(1, normal[0] * ahead[0] + normal[1] * ahead[1] + normal[2] * ahead[2]))) * 180) /
  Math.PI;
