import { revolveSolid } from '../../mathematics/geometry/build/revolve';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../mathematics/geometry/mesh';
import { poseAt } from '../../mathematics/geometry/pose';
import { UP } from '../../mathematics/geometry/vec3';

/** The two prongs that a finger joint's bolt goes through, their bolt at height y over the surface; spot frame, metres. */
export const prongs = (y: number): Mesh =>
  mergeMeshes([
    roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, y - 0.004, -0.006])),
    roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, y - 0.004, 0.006])),
  ]);

/** Flat plate lying on the surface: length along the reference, width across, height. */
export const plate = (lengthM: number, widthM: number, highM: number, overM = 0): Mesh =>
  roundedBox([lengthM, highM, widthM], Math.min(highM, widthM) * 0.4, poseAt([0, overM + highM / 2 - 0.001, 0]));

/** Suction cup of a given radius with its lever housing, at a place on the surface. */
export const cup = (x: number, z: number, radiusM: number): Mesh =>
  revolveSolid(
    [
      [radiusM, -0.002],
      [radiusM * 0.98, 0.004],
      [radiusM * 0.72, 0.014],
      [radiusM * 0.66, 0.026],
      [radiusM * 0.3, 0.03],
    ],
    { centre: [x, 0, z], axis: UP, segments: 28 },
  );
