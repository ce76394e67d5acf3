import { normalize, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Fold } from '../../words/carrier/posedPart';

/** From one crease to the next, metres; how far one slants over the limb; how far the surface is tilted in the deepest, as a tangent. */
const CREASE_M = 0.043;
const SLANT_M = 0.026;
const TILT = 0.75;

/**
 * How a sleeve's or leg's surface faces where it folds: a few creases run slanting round the limb from the inside of its bend, and die away from the
 * joint. Only drawn.
 * @param local point and normal in the part's frame: the limb along y, the outside of its bend toward +x
 */
export function foldedNormal(folds: readonly Fold[], [x, y, z]: Vec3, normal: Vec3): Vec3 {
  const round = Math.atan2(z, x);
  // Cloth is pushed together inside a bend and drawn tight outside.
  const inside = 0.25 + 0.75 * (0.5 - 0.5 * Math.cos(round));
  let tilt = 0;
  for (const fold of folds) {
    const away = (y - fold.y) / fold.reachM;
    const seen = Math.exp(-away * away) * fold.depth * inside;
    if (seen < 0.02) continue;
    const phase =
      (y - fold.y + SLANT_M * Math.sin(round + 5 * fold.y) + 0.3 * SLANT_M * Math.sin(2 * round + 1)) / CREASE_M;
    const wave = Math.sin(2 * Math.PI * phase);
    // A crease is narrow and the cloth between two of them wide.
    tilt += seen * TILT * wave * Math.abs(wave);
  }
  return tilt === 0 ? normal : normalize([normal[0], normal[1] + tilt, normal[2]]);
}
