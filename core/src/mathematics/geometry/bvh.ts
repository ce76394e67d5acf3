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
export function buildBvh({ positions, indices }: Mesh): Bvh {
  const triangles = indices.length / 3;
  const low = new Float64Array(triangles * 3);
  const high = new Float64Array(triangles * 3);
  const centre = new Float64Array(triangles * 3);
  for (let t = 0; t < triangles * 3; t += 3) {
    for (let axis = 0; axis < 3; axis++) {
      const a = positions[indices[t]! * 3 + axis]!;
      const b = positions[indices[t + 1]! * 3 + axis]!;
      const c = positions[indices[t + 2]! * 3 + axis]!;
      low[t + axis] = min(a, b, c);
      high[t + axis] = max(a, b, c);
      centre[t + axis] = low[t + axis]! + high[t + axis]!;
    }
  }
  const order = new Uint32Array(triangles);
  for (let t = 0; t < triangles; t++) order[t] = t;
  // Every split adds two: twice as many nodes as leaves, less one.
  const most = max(1, 2 * triangles);
  const boxes = new Float64Array(most * 6);
  const first = new Int32Array(most);
  const count = new Int32Array(most);
  let nodes = 0;

  const addNode = (start: number, end: number): number => {
    const box = nodes * 6;
    for (let axis = 0; axis < 3; axis++) {
      let least = FAR;
      let greatest = -FAR;
      for (let i = start; i < end; i++) {
        const at = order[i]! * 3 + axis;
        if (low[at]! < least) least = low[at]!;
        if (high[at]! > greatest) greatest = high[at]!;
      }
      boxes[box + axis] = least;
      boxes[box + axis + 3] = greatest;
    }
    first[nodes] = -1 - start;
    count[nodes] = end - start;
    return nodes++;
  };

  const pending = [addNode(0, triangles), 0, triangles];
  while (pending.length > 0) {
    const end = pending.pop()!;
    const start = pending.pop()!;
    const node = pending.pop()!;
    if (end - start <= LEAF_SIZE) continue;
    const middle = (start + end) >> 1;
    splitAt(order, start, end, middle, centre, widestAxis(order, start, end, centre));
    const left = addNode(start, middle);
    const right = addNode(middle, end);
    first[node] = left;
    count[node] = 0;
    pending.push(left, start, middle, right, middle, end);
  }

  const corners = new Float64Array(triangles * 9);
  for (let slot = 0; slot < triangles; slot++) {
    const t = order[slot]! * 3;
    for (let axis = 0; axis < 3; axis++) {
      const a = positions[indices[t]! * 3 + axis]!;
      corners[slot * 9 + axis] = a;
      corners[slot * 9 + 3 + axis] = positions[indices[t + 1]! * 3 + axis]! - a;
      corners[slot * 9 + 6 + axis] = positions[indices[t + 2]! * 3 + axis]! - a;
    }
  }
  return {
    boxes: boxes.slice(0, nodes * 6),
    first: first.slice(0, nodes),
    count: count.slice(0, nodes),
    order,
    corners,
  };
}

/** The axis along which the centres of some triangles lie farthest apart. */
function widestAxis(order: Uint32Array, start: number, end: number, centre: Float64Array): number {
  let axis = 0;
  let widest = -1;
  for (let candidate = 0; candidate < 3; candidate++) {
    let least = FAR;
    let most = -FAR;
    for (let i = start; i < end; i++) {
      const at = centre[order[i]! * 3 + candidate]!;
      if (at < least) least = at;
      if (at > most) most = at;
    }
    if (most - least > widest) [axis, widest] = [candidate, most - least];
  }
  return axis;
}

/** Puts the lower ones before the place and the others from it on, by their centres and then their numbers (Hoare 1961, Find). */
function splitAt(
  order: Uint32Array,
  start: number,
  end: number,
  place: number,
  centre: Float64Array,
  axis: number,
): void {
  let from = start;
  let to = end - 1;
  while (from < to) {
    const pivot = order[(from + to) >> 1]!;
    const at = centre[pivot * 3 + axis]!;
    let [i, j] = [from, to];
    while (i <= j) {
      for (; ; i++) {
        const t = order[i]!;
        const c = centre[t * 3 + axis]!;
        if (!(c < at || (c === at && t < pivot))) break;
      }
      for (; ; j--) {
        const t = order[j]!;
        const c = centre[t * 3 + axis]!;
        if (!(c > at || (c === at && t > pivot))) break;
      }
      if (i > j) break;
      const t = order[i]!;
      order[i++] = order[j]!;
      order[j--] = t;
    }
    if (place <= j) to = j;
    else if (place >= i) from = i;
    else return;
  }
}

/** Nodes still to be looked at: twice as deep as any tree here, which halves at every step. */
const nodes = new Int32Array(128);

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
  const ix = 1 / (dx || 1e-300);
  const iy = 1 / (dy || 1e-300);
  const iz = 1 / (dz || 1e-300);
  let best = limitM;
  let triangle = -1;
  let depth = 1;
  nodes[0] = 0;
  while (depth > 0) {
    const node = nodes[--depth]!;
    const box = node * 6;
    const ax = (boxes[box]! - ox) * ix;
    const bx = (boxes[box + 3]! - ox) * ix;
    const ay = (boxes[box + 1]! - oy) * iy;
    const by = (boxes[box + 4]! - oy) * iy;
    const az = (boxes[box + 2]! - oz) * iz;
    const bz = (boxes[box + 5]! - oz) * iz;
    const near = max(0, min(ax, bx), min(ay, by), min(az, bz));
    const far = min(best, max(ax, bx), max(ay, by), max(az, bz));
    if (!(near <= far * (1 + 1e-12) + 1e-12)) continue;
    if (count[node] === 0) {
      nodes[depth++] = first[node]!;
      nodes[depth++] = first[node]! + 1;
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
