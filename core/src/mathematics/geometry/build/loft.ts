import { facingOutward, meshOf, type Mesh } from '../mesh';
import { add, scale, type Vec3 } from '../vec3';

export type Ring = readonly Vec3[];

const centreOf = (ring: Ring): Vec3 => scale(ring.reduce(add, [0, 0, 0] as Vec3), 1 / ring.length);

/**
 * Closed skin through rings of equal point count, each end closed by a fan round its centre.
 * @param rings at least two, each of n ≥ 3 points in the same sense of turning, metres
 */
export function loft(rings: readonly Ring[]): Mesh {
  const n = rings[0]!.length;
  if (rings.length < 2 || n < 3 || rings.some((ring) => ring.length !== n)) {
    throw new RangeError(
      `loft: needs two or more rings of equal size, got sizes ${rings.map((r) => r.length).join(', ')}`,
    );
  }
  const points: Vec3[] = rings.flat();
  const triangles: [number, number, number][] = [];
  for (let ring = 0; ring + 1 < rings.length; ring++) {
    for (let i = 0; i < n; i++) {
      const a = ring * n + i;
      const b = ring * n + ((i + 1) % n);
      triangles.push([a, b, b + n], [a, b + n, a + n]);
    }
  }
  const first = points.push(centreOf(rings[0]!)) - 1;
  const last = points.push(centreOf(rings[rings.length - 1]!)) - 1;
  const base = (rings.length - 1) * n;
  for (let i = 0; i < n; i++) {
    triangles.push([first, (i + 1) % n, i], [last, base + i, base + ((i + 1) % n)]);
  }
  return facingOutward(meshOf(points, triangles));
}

/** Skin through rings that close on themselves, the last joining the first (a tyre, a loop of cable). */
export function loftLoop(rings: readonly Ring[]): Mesh {
  const n = rings[0]!.length;
  const triangles: [number, number, number][] = [];
  for (let ring = 0; ring < rings.length; ring++) {
    const next = (ring + 1) % rings.length;
    for (let i = 0; i < n; i++) {
      const j = (i + 1) % n;
      triangles.push([ring * n + i, ring * n + j, next * n + j], [ring * n + i, next * n + j, next * n + i]);
    }
  }
  return facingOutward(meshOf(rings.flat(), triangles));
}
