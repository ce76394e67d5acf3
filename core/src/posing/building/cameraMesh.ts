import { revolveSolid } from '../../mathematics/geometry/build/revolve';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { type Mesh, mergeMeshes } from '../../mathematics/geometry/mesh';
import { poseAt } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';

/** The joint's bolt is a finger's breadth below the body, metres (estimate 0.009 to 0.015). */
export const FOOT_M = 0.012;

/**
 * Box-shaped camera with a round lens barrel, its mounting point under the middle of the body.
 * @param bodyM depth, height, width
 * @param lens middle of the front glass from the mounting point; stands a little before the body
 */
export function cameraMesh(
  bodyM: readonly [number, number, number],
  lens: Vec3,
  barrelRadiusM: number,
): { body: Mesh; glass: Mesh } {
  const [depth, height, width] = bodyM;
  const foot = FOOT_M;
  const front = depth / 2;
  return {
    body: mergeMeshes([
      roundedBox([depth, height, width], Math.min(0.006, depth * 0.2), poseAt([0, foot + height / 2, 0])),
      roundedBox([0.012, foot + 0.006, 0.014], 0.004, poseAt([0, foot / 2, 0])),
      roundedBox([0.012, 0.003, 0.012], 0.0014, poseAt([0, foot + height + 0.001, -width * 0.28])),
      revolveSolid(
        [
          [barrelRadiusM * 1.05, 0],
          [barrelRadiusM, (lens[0] - front) * 0.9],
        ],
        { centre: [front - 0.001, lens[1], lens[2]], axis: [1, 0, 0], segments: 26 },
      ),
    ]),
    glass: revolveSolid(
      [
        [barrelRadiusM * 0.8, -0.002],
        [barrelRadiusM * 0.55, 0.0005],
        [barrelRadiusM * 0.2, 0.001],
      ],
      { centre: [lens[0] - 0.002, lens[1], lens[2]], axis: [1, 0, 0], segments: 22 },
    ),
  };
}

/** Segments round the tube of a barrel camera. */
const ROUND = 26;

/**
 * A tube with its lens at the front end, its mounting point under the middle.
 * @param bodyM length, and twice the diameter @param lens middle of the front glass from the mounting point
 */
export function barrelMesh(
  [length, diameter]: readonly [number, number, number],
  lens: Vec3,
): { body: Mesh; glass: Mesh } {
  const r = diameter / 2;
  const centre: Vec3 = [-length / 2, lens[1], 0];
  return {
    body: mergeMeshes([
      revolveSolid(
        [
          [r * 0.6, 0],
          [r * 0.9, 0.003],
          [r * 0.9, length * 0.7],
          [r, length * 0.72],
          [r, length],
        ],
        { centre, axis: [1, 0, 0], segments: ROUND },
      ),
      roundedBox([0.02, lens[1] - r + 0.004, 0.014], 0.003, poseAt([0, (lens[1] - r) / 2, 0])),
    ]),
    glass: revolveSolid(
      [
        [r * 0.75, -0.002],
        [r * 0.5, 0.001],
        [r * 0.2, 0.0015],
      ],
      { centre: [lens[0] - 0.002, lens[1], lens[2]], axis: [1, 0, 0], segments: 22 },
    ),
  };
}
