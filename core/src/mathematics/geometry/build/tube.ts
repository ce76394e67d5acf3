import type { Mesh } from '../mesh';
import { addScaled, cross, mix, normalize, perpendicularTo, rejectFrom, subtract, UP, type Vec3 } from '../vec3';
import { loft, loftLoop, type Ring } from './loft';
import { superellipse } from './superellipse';

interface TubeOptions {
  /** Radius in metres at fraction t of the way, or one radius for all. */
  radiusM: number | ((t: number) => number);
  /** Ratio of the section's height to its width, across the reference direction; 1 = round. */
  flatness?: number;
  /** 2 = ellipse, 4 = rounded rectangle. */
  power?: number;
  segments?: number;
  /** Direction that the section's flat side faces, where it matters. */
  reference?: Vec3;
  /** Rounded ends instead of flat ones. */
  rounded?: boolean;
  loop?: boolean;
}

/** Catmull-Rom curve through the points (centripetal is not needed: the points are near evenly spaced), `steps` a span. */
export function smoothPath(points: readonly Vec3[], steps: number): Vec3[] {
  const out: Vec3[] = [];
  for (let i = 0; i + 1 < points.length; i++) {
    const p0 = points[Math.max(0, i - 1)]!;
    const p1 = points[i]!;
    const p2 = points[i + 1]!;
    const p3 = points[Math.min(points.length - 1, i + 2)]!;
    for (let s = 0; s < steps; s++) {
      const t = s / steps;
      const at = (k: 0 | 1 | 2) =>
        0.5 *
        (2 * p1[k] +
          (p2[k] - p0[k]) * t +
          (2 * p0[k] - 5 * p1[k] + 4 * p2[k] - p3[k]) * t * t +
          (3 * p1[k] - p0[k] - 3 * p2[k] + p3[k]) * t * t * t);
      out.push([at(0), at(1), at(2)]);
    }
  }
  out.push(points[points.length - 1]!);
  return out;
}

/** Closed tube along a path, its section carried along without twist (parallel transport). Metres. */
export function tube(path: readonly Vec3[], options: TubeOptions): Mesh {
  const { radiusM, flatness = 1, power = 2, segments = 10, reference = UP, rounded = false, loop = false } = options;
  const radius = typeof radiusM === 'number' ? () => radiusM : radiusM;
  const n = path.length;
  const tangentAt = (i: number): Vec3 => {
    const before = path[loop ? (i - 1 + n) % n : Math.max(0, i - 1)]!;
    const after = path[loop ? (i + 1) % n : Math.min(n - 1, i + 1)]!;
    return normalize(subtract(after, before));
  };
  let side = perpendicularTo(tangentAt(0), reference);
  const rings: Ring[] = [];
  const ringAt = (centre: Vec3, tangent: Vec3, r: number): Ring =>
    superellipse({ centre, u: side, v: cross(tangent, side), halfU: r * flatness, halfV: r, power }, segments);
  for (let i = 0; i < n; i++) {
    const tangent = tangentAt(i);
    side = normalize(rejectFrom(side, tangent));
    const r = radius(n === 1 ? 0 : i / (n - 1));
    if (rounded && !loop && i === 0) {
      for (const [back, k] of CAP) rings.push(ringAt(addScaled(path[0]!, tangent, -back * r), tangent, r * k));
    }
    rings.push(ringAt(path[i]!, tangent, r));
    if (rounded && !loop && i === n - 1) {
      for (const [back, k] of [...CAP].reverse())
        rings.push(ringAt(addScaled(path[i]!, tangent, back * r), tangent, r * k));
    }
  }
  return loop ? loftLoop(rings) : loft(rings);
}

/** Distance beyond the end and radius there, in radii: a quarter circle. */
const CAP: readonly (readonly [number, number])[] = [
  [0.98, 0.2],
  [0.86, 0.51],
  [0.5, 0.866],
];

/** Straight tube or rod between two points. */
export function rod(from: Vec3, to: Vec3, options: TubeOptions): Mesh {
  const steps = typeof options.radiusM === 'function' ? 8 : 1;
  return tube(
    Array.from({ length: steps + 1 }, (_, i) => mix(from, to, i / steps)),
    options,
  );
}
