import { rotationAbout, rotate, type Rotation, inverseRotation } from '../geometry/rotation';
import { addScaled, normalize, scale, UP, type Vec3 } from '../geometry/vec3';
import { projectDirectionToPixel, type Lens } from '../lens/lens';
import { toRad } from '../units/angle';

/** Where the sun stands as somebody who rides sees it. */
export interface SunPlace {
  /** From the way of travel, degrees: 0 ahead, 90 to the right, 180 behind. */
  readonly bearingDeg: number;
  /** Over the horizon, degrees, 0 to 90. */
  readonly heightDeg: number;
}

/** Half of what the disc spans, degrees: the sun seen from the earth, 0.53° across. */
const DISC_HALF_DEG = 0.27;

/** Unit direction to the sun in the world. @param ahead way of travel over level ground, unit */
export function sunDirection(ahead: Vec3, { bearingDeg, heightDeg }: SunPlace): Vec3 {
  const level = normalize([ahead[0], 0, ahead[2]]);
  // Seen from above, to the right is a turn by minus the bearing about up.
  const toward = rotate(rotationAbout(UP, -bearingDeg), level);
  return normalize(addScaled(scale(toward, Math.cos(toRad(heightDeg))), UP, Math.sin(toRad(heightDeg))));
}

/** Whether any of the disc lies within the picture, were nothing in the way. */
export function sunInPicture(lens: Lens, worldFromCamera: Rotation, toSun: Vec3): boolean {
  const pixel = projectDirectionToPixel(lens, rotate(inverseRotation(worldFromCamera), toSun));
  if (!pixel) return false;
  const disc = toRad(DISC_HALF_DEG) * lens.focalPx;
  return pixel.u > -disc && pixel.v > -disc && pixel.u < lens.widthPx + disc && pixel.v < lens.heightPx + disc;
}
