import { rotationAbout, rotate, type Rotation, inverseRotation } from '../geometry/rotation';
import { addScaled, normalize, scale, UP, type Vec3 } from '../geometry/vec3';
import { projectDirectionToPixel, unprojectPixelToDirection, type Lens } from '../lens/lens';
import { toDeg, toRad } from '../units/angle';

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

/** Degrees by which the sun stands outside the edge of the picture, toward where it stands; negative inside. */
export function sunBeyondEdgeDeg(lens: Lens, worldFromCamera: Rotation, toSun: Vec3): number {
  const [along, up, right] = rotate(inverseRotation(worldFromCamera), toSun);
  const offAxis = Math.acos(Math.max(-1, Math.min(1, along)));
  const across = Math.hypot(up, right);
  if (across < 1e-9) return along > 0 ? -180 : 180;
  // From the middle of the picture to its edge, the way the sun stands.
  const [du, dv] = [right / across, -up / across];
  const reach = Math.min(
    Math.abs(du) > 1e-9 ? lens.widthPx / 2 / Math.abs(du) : Infinity,
    Math.abs(dv) > 1e-9 ? lens.heightPx / 2 / Math.abs(dv) : Infinity,
  );
  const edge = unprojectPixelToDirection(lens, {
    u: lens.widthPx / 2 + du * reach * 0.9999,
    v: lens.heightPx / 2 + dv * reach * 0.9999,
  });
  const toEdge = edge ? Math.acos(Math.max(-1, Math.min(1, edge[0]))) : Math.PI;
  return toDeg(offAxis - toEdge);
}
