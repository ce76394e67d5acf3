import { loft } from '../../src/mathematics/geometry/build/loft';
import { rod } from '../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, type Mesh } from '../../src/mathematics/geometry/mesh';
import {
  addScaled,
  cross,
  mix,
  normalize,
  perpendicularTo,
  subtract,
  type Vec3,
} from '../../src/mathematics/geometry/vec3';

/** Shaft radius, metres: estimate 0.013 to 0.016. */
export const SHAFT_RADIUS_M = 0.0145;

/** Blade from the neck to the tip, its face toward `face`; length and width in metres. */
export function blade(neck: Vec3, tip: Vec3, widthM: number, face: Vec3): Mesh {
  const along = normalize(subtract(tip, neck));
  const out = perpendicularTo(along, face);
  const side = cross(along, out);
  const shape: readonly (readonly [number, number])[] = [
    [0, 0.16],
    [0.12, 0.34],
    [0.3, 0.78],
    [0.52, 1],
    [0.78, 0.98],
    [0.93, 0.8],
    [1, 0.42],
  ];
  return loft(
    shape.map(([t, w]) =>
      superellipse(
        {
          // A little spoon: hollow toward the face.
          centre: addScaled(mix(neck, tip, t), out, -0.03 * Math.sin(Math.PI * t)),
          u: side,
          v: out,
          halfU: (w * widthM) / 2,
          halfV: Math.max(0.003, 0.013 * (1 - t)),
          power: 2.4,
        },
        16,
      ),
    ),
  );
}

/** Shaft with a blade at each end, lying across along z, its middle at `middle`. */
export const doublePaddle = (middle: Vec3, lengthM: number): Mesh => {
  const half = lengthM / 2;
  const at = (z: number): Vec3 => [middle[0], middle[1], middle[2] + z];
  return mergeMeshes([
    rod(at(-half + 0.42), at(half - 0.42), { radiusM: SHAFT_RADIUS_M, segments: 12 }),
    blade(at(half - 0.46), at(half), 0.17, [-1, 0.3, 0]),
    blade(at(-half + 0.46), at(-half), 0.17, [-1, 0.3, 0]),
  ]);
};
