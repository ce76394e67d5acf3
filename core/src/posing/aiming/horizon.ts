import { hypotenuse } from '../../mathematics/numbers/hypotenuse';
import { dot, type Vec3 } from '../../mathematics/geometry/vec3';
import { inverseRotation, rotate, type Rotation } from '../../mathematics/geometry/rotation';
import { projectDirectionToPixel, type Lens } from '../../mathematics/lens/lens';
import { toDeg } from '../../mathematics/units/angle';
import type { Ground } from '../../words/carrier/land';

export interface Horizon {
  /** Where the sky begins on the picture's centre column: 0 = top edge, 1 = bottom edge, beyond them outside; ±Infinity where the lens has no image of it. */
  readonly heightFraction: number;
  /** Slope of the sky line there: what a level lens would be rolled by, positive = the camera's right side is low. */
  readonly rollDeg: number;
  readonly inPicture: boolean;
}

/** Normal of the plane that makes the sky line in the vertical plane of the lens: level country, or the slope where it stands higher. */
export function skylineNormal(ground: Ground, worldFromCamera: Rotation): Vec3 {
  const level: Vec3 = [0, 1, 0];
  const [c, s] = skylineDirection(level, worldFromCamera);
  const onLevelSkyline = rotate(worldFromCamera, [c, s, 0]);
  return dot(onLevelSkyline, ground.normal) < -1e-12 ? ground.normal : level;
}

/** cos and sin of the elevation over the lens axis, in its vertical plane, at which a plane's vanishing line is met. */
function skylineDirection(normal: Vec3, worldFromCamera: Rotation): [number, number] {
  const [a, b] = rotate(inverseRotation(worldFromCamera), normal);
  // n·(cos e, sin e, 0) = a cos e + b sin e = 0, on the side toward the lens axis.
  const size = hypotenuse(a, b) || 1;
  const sign = b >= 0 ? 1 : -1;
  return [(sign * b) / size, (-sign * a) / size];
}

/** The sky line at the centre column, exact for every projection (closed form, no search). */
export function horizonAtCentre(lens: Lens, worldFromCamera: Rotation, ground: Ground): Horizon {
  const normal = skylineNormal(ground, worldFromCamera);
  const [c, s] = skylineDirection(normal, worldFromCamera);
  const pixel = projectDirectionToPixel(lens, [c, s, 0]);
  const heightFraction = pixel ? pixel.v / lens.heightPx : s > 0 ? -Infinity : Infinity;
  return {
    heightFraction,
    rollDeg: skylineRollDeg(lens, rotate(inverseRotation(worldFromCamera), normal), [c, s, 0]),
    inPicture: heightFraction >= 0 && heightFraction <= 1,
  };
}

/** Slope of a vanishing line's image at one of its points, by two neighbours a ten-thousandth of a radian away. */
function skylineRollDeg(lens: Lens, normalInCamera: Vec3, at: Vec3): number {
  const [nx, ny, nz] = normalInCamera;
  // To the right along the sky line: at × n.
  const along: Vec3 = [nz * at[1] - ny * at[2], nx * at[2] - nz * at[0], ny * at[0] - nx * at[1]];
  const step = (k: number) =>
    projectDirectionToPixel(lens, [at[0] + k * along[0], at[1] + k * along[1], at[2] + k * along[2]]);
  const left = step(-1e-4);
  const right = step(1e-4);
  if (!left || !right) return 0;
  const angle = toDeg(Math.atan2(left.v - right.v, right.u - left.u));
  return ny < 0 ? angle - Math.sign(angle) * 180 : angle;
}
