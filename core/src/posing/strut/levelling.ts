import { hypotenuse } from '../../mathematics/numbers/hypotenuse';
import { multiplyRotations, rotationAbout, type Rotation } from '../../mathematics/geometry/rotation';
import { clamp, toDeg } from '../../mathematics/units/angle';
import type { ResolvedSetUp } from './resolvedSetUp';

/** A lens that looks nearer than this to straight up or down has no horizon to level. Estimate 5 to 20 degrees. */
const STEEP_COS = Math.cos((80 * Math.PI) / 180);

/**
 * How far a picture cut to a share of itself can be turned within the whole one: of the angles at which the turned cut reaches an edge,
 * c·(w·cos θ + h·sin θ) = w and c·(w·sin θ + h·cos θ) = h, the smaller; 90 where even the diagonal fits.
 * @param crop linear share that is left, 0 to 1 @returns degrees each way
 */
export function turnWithinDeg(widthPx: number, heightPx: number, crop: number): number {
  const diagonal = Math.hypot(widthPx, heightPx);
  /** θ at which a·cos θ + b·sin θ reaches what is there. */
  const reaches = (a: number, b: number, there: number): number => {
    const share = there / crop / diagonal;
    return share >= 1 ? 90 : toDeg(Math.atan2(b, a) - Math.acos(share));
  };
  return clamp(Math.min(reaches(widthPx, heightPx, widthPx), reaches(heightPx, widthPx, heightPx)), 0, 90);
}

/** Degrees each way that a set-up keeps its picture level by turning it afterwards; 0 where it does not. */
export function levelsDeg({ camera, mode, stabiliser }: Pick<ResolvedSetUp, 'camera' | 'mode' | 'stabiliser'>): number {
  if (!stabiliser.levels || camera.gimbal) return 0;
  if (stabiliser.steadies?.kind === 'sphere') return 180;
  return turnWithinDeg(mode.lens.widthPx, mode.lens.heightPx, stabiliser.crop.value);
}

/** A camera's rotation with its picture turned about the lens axis toward level, as far as it goes. @param rotation world from camera */
export function levelled(rotation: Rotation, mostDeg: number): Rotation {
  if (mostDeg === 0) return rotation;
  // Upward in the picture: the world's up, seen across and along the picture's own up.
  const [up, right] = [rotation[4], rotation[5]];
  if (hypotenuse(up, right) < STEEP_COS) return rotation;
  const leansDeg = toDeg(Math.atan2(right, up));
  return multiplyRotations(rotation, rotationAbout([1, 0, 0], clamp(leansDeg, -mostDeg, mostDeg)));
}
