import { revolveRing, revolveSolid } from '../../src/mathematics/geometry/build/revolve';
import { rod } from '../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../src/mathematics/geometry/mesh';
import { ORIGIN, RIGHT } from '../../src/mathematics/geometry/vec3';

/** Thin spokes of wire from both flanges of a hub, crossing. */
const wireSpokes = (rimM: number, w: number, count: number): readonly Mesh[] =>
  Array.from({ length: count }, (_, i) => {
    const side = i % 2 === 0 ? 1 : -1;
    const at = (2 * Math.PI * i) / count;
    const lean = (Math.floor(i / 2) % 2 === 0 ? 1 : -1) * 0.55;
    return rod(
      [0.055 * Math.cos(at + lean), 0.055 * Math.sin(at + lean), side * 0.42 * w],
      [(rimM - 0.016) * Math.cos(at), (rimM - 0.016) * Math.sin(at), side * 0.1 * w],
      { radiusM: 0.0022, segments: 4 },
    );
  });

/** Wheel of a car or a motorcycle round the origin, axis along z: radius over the tyre, tyre's width, rim's radius; metres. Spokes cast in one piece, or of wire. */
export function roadWheel(
  radiusM: number,
  widthM: number,
  rimM: number,
  spokes: number,
  made: 'cast' | 'wire' = 'cast',
): { tyre: Mesh; rim: Mesh } {
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
  const cast = () =>
    Array.from({ length: spokes }, (_, i) => {
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
  return { tyre, rim: mergeMeshes([barrel, hub, ...(made === 'wire' ? wireSpokes(rimM, w, spokes) : cast())]) };
}
