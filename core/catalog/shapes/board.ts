import { loft, type Ring } from '../../src/mathematics/geometry/build/loft';
import { superellipse } from '../../src/mathematics/geometry/build/superellipse';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import { RIGHT, UP } from '../../src/mathematics/geometry/vec3';

/** One station along a board, tail to nose: place, half width, height of the underside and thickness; metres. */
type BoardStation = readonly [x: number, half: number, bottom: number, thick: number];

/** A board as a loft through its stations; `power` 2 = round rails, 5 = flat deck with tucked edges. */
export const boardMesh = (stations: readonly BoardStation[], power: number): Mesh =>
  loft(
    stations.map(([x, half, bottom, thick]): Ring =>
      superellipse({ centre: [x, bottom + thick / 2, 0], u: RIGHT, v: UP, halfU: half, halfV: thick / 2, power }, 28),
    ),
  );

/** Outline and rocker of a board as stations. `width` and `rise` take t from 0 (tail) to 1 (nose). */
export const boardStations = (
  lengthM: number,
  thicknessM: number,
  width: (t: number) => number,
  rise: (t: number) => number,
  thick: (t: number) => number = () => 1,
  steps = 30,
): BoardStation[] =>
  Array.from({ length: steps + 1 }, (_, i) => {
    // Closer together at the ends, where the outline turns.
    const t = (1 - Math.cos((Math.PI * i) / steps)) / 2;
    const inside = Math.min(0.998, Math.max(0.002, t));
    return [(t - 0.5) * lengthM, Math.max(0.004, width(inside) / 2), rise(t), thicknessM * Math.max(0.25, thick(t))];
  });
