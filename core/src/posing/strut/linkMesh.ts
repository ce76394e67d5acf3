import { rod } from '../../mathematics/geometry/build/tube';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../mathematics/geometry/mesh';
import {
  addScaled,
  cross,
  length,
  mix,
  normalize,
  RIGHT,
  subtract,
  UP,
  type Vec3,
} from '../../mathematics/geometry/vec3';
import { poseAt } from '../../mathematics/geometry/pose';
import { rotationFromAxes } from '../../mathematics/geometry/rotation';
import type { LinkDefinition } from '../../words/kit/link';

/** Between the two rods of a spring arm, and how thick its spring is, metres. */
const APART_M = 0.05;
const COIL_M = 0.011;

/** How thick a sliding plate is, and how far it reaches past its two ends, metres. */
const PLATE_M = 0.008;
const PAST_M = 0.03;

/** A link between two joints: a rod, a plate that lies along the surface (spot frame, +y its normal), or the two parallel ones of a spring arm with its spring across. Bolts lie along z. */
export function linkMesh({ kind, radiusM, spring }: LinkDefinition, from: Vec3, to: Vec3, segments = 10): Mesh {
  if (kind === 'slide') {
    const ahead = normalize(subtract(to, from));
    const size = [length(subtract(to, from)) + 2 * PAST_M, PLATE_M, 2 * radiusM] as const;
    return roundedBox(size, 0.002, poseAt(mix(from, to, 0.5), rotationFromAxes(ahead, UP, cross(ahead, UP))));
  }
  if (!spring) return rod(from, to, { radiusM, segments, power: 3 });
  const along = normalize(subtract(to, from));
  const across = cross(RIGHT, along);
  const aside = length(across) > 0.1 ? normalize(across) : ([0, 1, 0] as const);
  const place = (p: Vec3, side: number): Vec3 => addScaled(p, aside, (side * APART_M) / 2);
  const rods = [-1, 1].map((side) => rod(place(from, side), place(to, side), { radiusM, segments, power: 3 }));
  const coil = rod(place(mix(from, to, 0.2), -1), place(mix(from, to, 0.8), 1), { radiusM: COIL_M, segments });
  const ends = [from, to].map((p) => rod(place(p, -1.2), place(p, 1.2), { radiusM: radiusM * 1.2, segments }));
  return mergeMeshes([...rods, coil, ...ends]);
}
