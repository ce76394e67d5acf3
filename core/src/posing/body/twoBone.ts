import {
  add,
  addScaled,
  distance,
  normalize,
  perpendicularTo,
  subtract,
  scale,
  type Vec3,
} from '../../mathematics/geometry/vec3';

interface TwoBone {
  /** Elbow or knee. */
  readonly middle: Vec3;
  /** Where the end really comes to lie. */
  readonly end: Vec3;
  /** How far the wanted end is out of reach, metres; 0 when it is reached. */
  readonly shortM: number;
}

/**
 * Two-bone inverse kinematics by the law of cosines: the middle joint lies in the plane of root, target and pole, on the
 * pole's side. A target too far or too near is approached as closely as the bones allow and `shortM` says by how much it is missed.
 */
export function twoBone(root: Vec3, target: Vec3, upperM: number, lowerM: number, pole: Vec3): TwoBone {
  const wanted = distance(root, target);
  const longest = (upperM + lowerM) * (1 - 1e-9);
  const shortest = Math.abs(upperM - lowerM) + 1e-9;
  const reach = Math.min(longest, Math.max(shortest, wanted));
  const axis = wanted > 1e-9 ? normalize(subtract(target, root)) : ([0, -1, 0] as Vec3);
  const end = addScaled(root, axis, reach);
  const along = (upperM ** 2 - lowerM ** 2 + reach ** 2) / (2 * reach);
  const out = Math.sqrt(Math.max(0, upperM ** 2 - along ** 2));
  const side = perpendicularTo(axis, pole);
  return {
    middle: add(addScaled(root, axis, along), scale(side, out)),
    end,
    shortM: Math.abs(wanted - reach) < 1e-6 ? 0 : Math.abs(wanted - reach),
  };
}
