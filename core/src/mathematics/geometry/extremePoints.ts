import type { Vec3 } from './vec3';

/** Directions spread evenly over the sphere along a spiral of the golden angle (Vogel 1979, from memory); neighbours lie about 3.5/√count radians apart. */
export function spreadDirections(count: number): readonly Vec3[] {
  const turn = Math.PI * (3 - Math.sqrt(5));
  return Array.from({ length: count }, (_, i): Vec3 => {
    const up = 1 - (2 * i + 1) / count;
    const out = Math.sqrt(1 - up * up);
    return [out * Math.cos(i * turn), up, out * Math.sin(i * turn)];
  });
}

/**
 * Those of many points that lie farthest in one direction or another: about the corners of their convex hull. An outline by them alone is smaller by no
 * more than 1 − cos of half the way between two directions, of the points' own radius.
 * @param points x, y, z of each, one after the other
 */
export function extremePoints(points: ArrayLike<number>, directions: readonly Vec3[]): Float64Array {
  const found = new Set<number>();
  for (const [x, y, z] of directions) {
    let [most, at] = [-Infinity, -1];
    for (let i = 0; i < points.length; i += 3) {
      const along = x * points[i]! + y * points[i + 1]! + z * points[i + 2]!;
      if (along > most) [most, at] = [along, i];
    }
    if (at >= 0) found.add(at);
  }
  return Float64Array.from(
    [...found].sort((a, b) => a - b).flatMap((i) => [points[i]!, points[i + 1]!, points[i + 2]!]),
  );
}
