import { loft, type Ring } from '../../src/mathematics/geometry/build/loft';
import { shell } from '../../src/mathematics/geometry/build/shell';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import type { Vec3 } from '../../src/mathematics/geometry/vec3';

/** A station of a hull: place along it, half beam at the gunwale, heights of gunwale and keel; metres. */
export interface HullStation {
  readonly x: number;
  readonly half: number;
  readonly gunwale: number;
  readonly keel: number;
}

/** Half sections, keel to gunwale; `fullness` 1 = a straight V, larger = rounder. */
const side = (
  { x, half, gunwale, keel }: HullStation,
  t: number,
  fullness: number,
  inward: number,
  middleZ: number,
): Vec3 => {
  const z = Math.max(0.002, half - inward) * t ** (1 / fullness);
  return [x, keel + inward + (gunwale - keel - inward) * t ** fullness, middleZ + z];
};

/** Decked hull: closed over the top with a slight crown. */
export function deckedHull(stations: readonly HullStation[], fullness: number, crownM: number, middleZ = 0): Mesh {
  const steps = 9;
  return loft(
    stations.map((s): Ring => {
      const right = Array.from({ length: steps }, (_, i) => side(s, i / (steps - 1), fullness, 0, middleZ));
      const left = right.slice(1).map(([x, y, z]): Vec3 => [x, y, 2 * middleZ - z]);
      const deck = [0.6, 0.2, -0.2, -0.6].map((k): Vec3 => [
        s.x,
        s.gunwale + crownM * (1 - k * k),
        middleZ + k * s.half,
      ]);
      return [...right, ...deck, ...left.reverse()];
    }),
  );
}

/** Open hull: a skin with thickness, open over the top. */
export function openHull(stations: readonly HullStation[], fullness: number, thickM: number): Mesh {
  const columns = 20;
  const at = (column: number, row: number, inward: number): Vec3 => {
    const t = (column / columns) * 2 - 1;
    const [x, y, z] = side(stations[row]!, Math.abs(t), fullness, inward, 0);
    return [x, y, Math.sign(t) * z];
  };
  return shell({
    columns,
    rows: stations.length - 1,
    outer: (c, r) => at(c, r, 0),
    inner: (c, r) => at(c, r, thickM),
  });
}

/** Half beam of a station at a height over its keel. */
export const halfBeamAt = ({ half, gunwale, keel }: HullStation, y: number, fullness: number): number =>
  half * Math.min(1, Math.max(0.001, (y - keel) / (gunwale - keel))) ** (1 / fullness ** 2);
