import { bvhOf } from './bvh';
import type { Mesh } from './mesh';
import { add, dot, scale, subtract, type Vec3 } from './vec3';

// Hot enough that looking up Math each time counts.
const { sqrt } = Math;

/** Point of a triangle nearest to another (Ericson, Real-Time Collision Detection, 5.1.5). */
export function closestOnTriangle(p: Vec3, a: Vec3, ab: Vec3, ac: Vec3): Vec3 {
  const ap = subtract(p, a);
  const [d1, d2] = [dot(ab, ap), dot(ac, ap)];
  if (d1 <= 0 && d2 <= 0) return a;
  const b = add(a, ab);
  const bp = subtract(p, b);
  const [d3, d4] = [dot(ab, bp), dot(ac, bp)];
  if (d3 >= 0 && d4 <= d3) return b;
  const vc = d1 * d4 - d3 * d2;
  if (vc <= 0 && d1 >= 0 && d3 <= 0) return add(a, scale(ab, d1 / (d1 - d3)));
  const c = add(a, ac);
  const cp = subtract(p, c);
  const [d5, d6] = [dot(ab, cp), dot(ac, cp)];
  if (d6 >= 0 && d5 <= d6) return c;
  const vb = d5 * d2 - d1 * d6;
  if (vb <= 0 && d2 >= 0 && d6 <= 0) return add(a, scale(ac, d2 / (d2 - d6)));
  const va = d3 * d6 - d5 * d4;
  if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    const w = (d4 - d3) / (d4 - d3 + (d5 - d6));
    return add(b, scale(subtract(c, b), w));
  }
  const n = 1 / (va + vb + vc);
  return add(a, add(scale(ab, vb * n), scale(ac, vc * n)));
}

export interface Nearest {
  readonly distanceM: number;
  readonly point: Vec3;
}

/** Nearest point of a mesh's surface, in the mesh's frame; null where nothing is nearer than the limit. */
export function closestPoint(mesh: Mesh, from: Vec3, limitM = Infinity): Nearest | null {
  const { boxes, first, count, corners } = bvhOf(mesh);
  let best = limitM;
  let point: Vec3 | null = null;
  const stack = [0];
  while (stack.length > 0) {
    const node = stack.pop()!;
    if (boxDistance(boxes, node, from) >= best) continue;
    const next = first[node]!;
    if (next >= 0) {
      const [a, b] = [boxDistance(boxes, next, from), boxDistance(boxes, next + 1, from)];
      // The nearer one is looked at first.
      if (a < b) stack.push(next + 1, next);
      else stack.push(next, next + 1);
      continue;
    }
    const start = -1 - next;
    for (let slot = start; slot < start + count[node]!; slot++) {
      const o = slot * 9;
      const corner = (k: number): Vec3 => [corners[o + k]!, corners[o + k + 1]!, corners[o + k + 2]!];
      const near = closestOnTriangle(from, corner(0), corner(3), corner(6));
      const [x, y, z] = [near[0] - from[0], near[1] - from[1], near[2] - from[2]];
      const d = sqrt(x * x + y * y + z * z);
      if (d < best) [best, point] = [d, near];
    }
  }
  return point && { distanceM: best, point };
}

function boxDistance(boxes: Float64Array, node: number, p: Vec3): number {
  let sum = 0;
  for (let k = 0; k < 3; k++) {
    const low = boxes[node * 6 + k]! - p[k]!;
    const high = p[k]! - boxes[node * 6 + 3 + k]!;
    const out = low > high ? low : high;
    if (out > 0) sum += out * out;
  }
  return sqrt(sum);
}
