import { type Mesh, transformMesh } from '../mesh';
import type { Pose } from '../pose';
import { loft } from './loft';
import { superellipse } from './superellipse';
import { RIGHT, UP } from '../vec3';

/**
 * Box with rounded edges, centred on the pose's origin: size along ahead, up and right in metres.
 * @param roundM edge radius, at most half the smallest side
 */
export function roundedBox(size: readonly [number, number, number], roundM: number, pose?: Pose): Mesh {
  const [depth, height, width] = size;
  if (roundM * 2 > Math.min(...size) + 1e-9) {
    throw new RangeError(`roundedBox: roundM ${roundM} is more than half of the smallest side of ${size.join(' × ')}`);
  }
  const power = 7;
  const ring = (x: number, inset: number) =>
    superellipse(
      { centre: [x, 0, 0], u: RIGHT, v: UP, halfU: width / 2 - inset, halfV: height / 2 - inset, power },
      20,
    );
  const half = depth / 2;
  const mesh = loft([
    ring(-half, roundM),
    ring(-half + roundM * 0.3, roundM * 0.3),
    ring(-half + roundM, 0),
    ring(half - roundM, 0),
    ring(half - roundM * 0.3, roundM * 0.3),
    ring(half, roundM),
  ]);
  return pose ? transformMesh(mesh, pose) : mesh;
}
