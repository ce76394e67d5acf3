import { revolveRing, revolveSolid } from '../../src/mathematics/geometry/build/revolve';
import { rod } from '../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../src/mathematics/geometry/mesh';
import { ORIGIN, RIGHT } from '../../src/mathematics/geometry/vec3';

/** Wheel of a car or a motorcycle round the origin, axis along z: radius over the tyre, tyre's width, rim's radius; metres. */
export function roadWheel(radiusM: number, widthM: number, rimM: number, spokes: number): { tyre: Mesh; rim: Mesh } {
  const w = widthM / 2;
  const tyre = revolveRing(
    [
      [rimM - 0.004, -0.8 * w],
      [rimM + 0.4 * (radiusM - rimM), -w],
      [radiusM - 0.018, -0.93 * w],
      [radiusM, -0.7 * w],
      [radiusM, 0.7 * w],
      [radiusM - 0.018, 0.93 * w],
      [rimM + 0.4 * (radiusM - rimM), w],
      [rimM - 0.004, 0.8 * w],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 40 },
  );
  const barrel = revolveRing(
    [
      [rimM, -0.82 * w],
      [rimM, 0.82 * w],
      [rimM - 0.018, 0.8 * w],
      [rimM - 0.03, 0],
      [rimM - 0.018, -0.8 * w],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 36 },
  );
  const hub = revolveSolid(
    [
      [0.055, -0.45 * w],
      [0.065, 0.3 * w],
      [0.03, 0.5 * w],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 20 },
  );
  const arms = Array.from({ length: spokes }, (_, i) => {
    const a = (2 * Math.PI * i) / spokes;
    return rod(
      [0.05 * Math.cos(a), 0.05 * Math.sin(a), 0.25 * w],
      [(rimM - 0.014) * Math.cos(a), (rimM - 0.014) * Math.sin(a), 0.5 * w],
      {
        radiusM: 0.018,
        flatness: 1.4,
        power: 3,
        segments: 8,
      },
    );
  });
  return { tyre, rim: mergeMeshes([barrel, hub, ...arms]) };
}
