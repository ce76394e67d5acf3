import type { Mesh } from './mesh';
import type { Vec3 } from './vec3';

/**
 * Bounding volume tree over a mesh's triangles in flat typed arrays, in the mesh's own frame.
 * Every node carries the box round its triangles.
 */
interface Bvh {
  /** min x, y, z, max x, y, z of each node's box. */
  readonly boxes: Float64Array;
  /** Inner node: index of the first of two neighbouring children. Leaf: -1 - first slot in `order`. */
  readonly first: Int32Array;
  /** Leaf: number of triangles; inner node: 0. */
  readonly count: Int32Array;
  /** Triangle numbers in leaf order. */
  readonly order: Uint32Array;
  /** By leaf slot: corner a, edges b - a and c - a; nine numbers each. */
  readonly corners: Float64Array;
}

const { abs, max, min } = Math;
const FAR = Infinity;
const LEAF_SIZE = 2;

const cache = new WeakMap<Mesh, Bvh>();

/** The mesh's tree, built on first use and kept as long as the mesh is. */
export function bvhOf(mesh: Mesh): Bvh {
  const known = cache.get(mesh);
  if (known) return known;
  const built = buildBvh(mesh);
  cache.set(mesh, built);
  return built;
}

/** Splits at the median of the widest axis of the triangles' centres. */
export function buildBvh(mesh: Mesh): Bvh {
  const { positions, indices } = mesh;
  const triangles = indices.length / 3;
  const low = new Float64Array(triangles * 3);
  const high = new Float64Array(triangles * 3);
  for (let t = 0; t < triangles; t++) {
    for (let axis = 0; axis < 3; axis++) {
      const a = positions[indices[t * 3]! * 3 + axis]!;
      const b = positions[indices[t * 3 + 1]! * 3 + axis]!;
      const c = positions[indices[t * 3 + 2]! * 3 + axis]!;
      low[t * 3 + axis] = min(a, b, c);
      high[t * 3 + axis] = max(a, b, c);
    }
  }
  const centre = (t: number, axis: number) => low[t * 3 + axis]! + high[t * 3 + axis]!;

  const order = Uint32Array.from({ length: triangles }, (_, i) => i);
  const boxes: number[] = [];
  const first: number[] = [];
  const count: number[] = [];

  const addNode = (start: number, end: number): number => {
    const box = [FAR, FAR, FAR, -FAR, -FAR, -FAR];
    for (let i = start; i < end; i++) {
      const t = order[i]!;
      for (let axis = 0; axis < 3; axis++) {
        box[axis] = min(box[axis]!, low[t * 3 + axis]!);
        box[axis + 3] = max(box[axis + 3]!, high[t * 3 + axis]!);
      }
    }
    boxes.push(...box);
    first.push(-1 - start);
    count.push(end - start);
    return first.length - 1;
  };

  const pending: [number, number, number][] = [[addNode(0, triangles), 0, triangles]];
  while (pending.length > 0) {
    const [node, start, end] = pending.pop()!;
    if (end - start <= LEAF_SIZE) continue;
    const slice = order.subarray(start, end);
    let axis = 0;
    let widest = -1;
    for (let candidate = 0; candidate < 3; candidate++) {
      let least = FAR;
      let most = -FAR;
      for (const t of slice) {
        least = min(least, centre(t, candidate));
        most = max(most, centre(t, candidate));
      }
      if (most - least > widest) [axis, widest] = [candidate, most - least];
    }
    slice.sort((a, b) => centre(a, axis) - centre(b, axis) || a - b);
    const middle = (start + end) >> 1;
    const left = addNode(start, middle);
    const right = addNode(middle, end);
    first[node] = left;
    count[node] = 0;
    pending.push([left, start, middle], [right, middle, end]);
  }

  const corners = new Float64Array(triangles * 9);
  order.forEach((t, slot) => {
    for (let axis = 0; axis < 3; axis++) {
      const a = positions[indices[t * 3]! * 3 + axis]!;
      corners[slot * 9 + axis] = a;
      corners[slot * 9 + 3 + axis] = positions[indices[t * 3 + 1]! * 3 + axis]! - a;
      corners[slot * 9 + 6 + axis] = positions[indices[t * 3 + 2]! * 3 + axis]! - a;
    }
  });
  return {
    boxes: Float64Array.from(boxes),
    first: Int32Array.from(first),
    count: Int32Array.from(count),
    order,
    corners,
  };
}

interface MeshHit {
  readonly distanceM: number;
  readonly triangle: number;
}

/**
 * Nearest triangle along a ray (Möller & Trumbore 1997), from both sides.
 * @param direction unit vector in the mesh's frame
 */
export function castRay(mesh: Mesh, origin: Vec3, direction: Vec3, limitM = Infinity): MeshHit | null {
  const { boxes, first, count, order, corners } = bvhOf(mesh);
  const [ox, oy, oz] = origin;
  const [dx, dy, dz] = direction;
  // A component of exactly 0 would make 0 × ∞ on a box face it lies in.
  const inverse = [1 / (dx || 1e-300), 1 / (dy || 1e-300), 1 / (dz || 1e-300)] as const;
  let best = limitM;
  let triangle = -1;
  const stack = [0];
  while (stack.length > 0) {
    const node = stack.pop()!;
    let near = 0;
    let far = best;
    for (let axis = 0; axis < 3; axis++) {
      const t0 = (boxes[node * 6 + axis]! - origin[axis as 0]!) * inverse[axis as 0]!;
      const t1 = (boxes[node * 6 + axis + 3]! - origin[axis as 0]!) * inverse[axis as 0]!;
      near = max(near, min(t0, t1));
      far = min(far, max(t0, t1));
    }
    if (!(near <= far * (1 + 1e-12) + 1e-12)) continue;
    if (count[node] === 0) {
      stack.push(first[node]!, first[node]! + 1);
      continue;
    }
    const start = -1 - first[node]!;
    for (let slot = start; slot < start + count[node]!; slot++) {
      const c = slot * 9;
      const e1x = corners[c + 3]!;
      const e1y = corners[c + 4]!;
      const e1z = corners[c + 5]!;
      const e2x = corners[c + 6]!;
      const e2y = corners[c + 7]!;
      const e2z = corners[c + 8]!;
      const px = dy * e2z - dz * e2y;
      const py = dz * e2x - dx * e2z;
      const pz = dx * e2y - dy * e2x;
      const det = e1x * px + e1y * py + e1z * pz;
      if (abs(det) < 1e-18) continue;
      const sx = ox - corners[c]!;
      const sy = oy - corners[c + 1]!;
      const sz = oz - corners[c + 2]!;
      const u = (sx * px + sy * py + sz * pz) / det;
      if (u < -1e-9 || u > 1 + 1e-9) continue;
      const qx = sy * e1z - sz * e1y;
      const qy = sz * e1x - sx * e1z;
      const qz = sx * e1y - sy * e1x;
      const v = (dx * qx + dy * qy + dz * qz) / det;
      if (v < -1e-9 || u + v > 1 + 1e-9) continue;
      const t = (e2x * qx + e2y * qy + e2z * qz) / det;
      if (t > 1e-9 && t < best) {
        best = t;
        triangle = order[slot]!;
      }
    }
  }
  return triangle < 0 ? null : { distanceM: best, triangle };
}
