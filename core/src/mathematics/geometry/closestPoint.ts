import { bvhOf } from './bvh';
import type { Mesh } from './mesh';
import type { Vec3 } from './vec3';

// Hot enough that looking up Math each time counts, and that nothing is made on the way.
const { sqrt } = Math;

/** What onTriangle found. */
let [foundX, foundY, foundZ] = [0, 0, 0];

function found(x: number, y: number, z: number): void {
  foundX = x;
  foundY = y;
  foundZ = z;
}

/**
 * Point of a triangle nearest to (px, py, pz), left in foundX, foundY and foundZ (Ericson, Real-Time Collision Detection, 5.1.5).
 * @param t corners as they are kept: the first corner, then the two edges from it, from this place on
 */
function onTriangle(t: Float64Array, o: number, px: number, py: number, pz: number): void {
  const ax = t[o]!;
  const ay = t[o + 1]!;
  const az = t[o + 2]!;
  const ux = t[o + 3]!;
  const uy = t[o + 4]!;
  const uz = t[o + 5]!;
  const vx = t[o + 6]!;
  const vy = t[o + 7]!;
  const vz = t[o + 8]!;
  const apx = px - ax;
  const apy = py - ay;
  const apz = pz - az;
  const d1 = ux * apx + uy * apy + uz * apz;
  const d2 = vx * apx + vy * apy + vz * apz;
  if (d1 <= 0 && d2 <= 0) return found(ax, ay, az);
  const bpx = apx - ux;
  const bpy = apy - uy;
  const bpz = apz - uz;
  const d3 = ux * bpx + uy * bpy + uz * bpz;
  const d4 = vx * bpx + vy * bpy + vz * bpz;
  if (d3 >= 0 && d4 <= d3) return found(ax + ux, ay + uy, az + uz);
  const vc = d1 * d4 - d3 * d2;
  if (vc <= 0 && d1 >= 0 && d3 <= 0) {
    const k = d1 / (d1 - d3);
    return found(ax + ux * k, ay + uy * k, az + uz * k);
  }
  const cpx = apx - vx;
  const cpy = apy - vy;
  const cpz = apz - vz;
  const d5 = ux * cpx + uy * cpy + uz * cpz;
  const d6 = vx * cpx + vy * cpy + vz * cpz;
  if (d6 >= 0 && d5 <= d6) return found(ax + vx, ay + vy, az + vz);
  const vb = d5 * d2 - d1 * d6;
  if (vb <= 0 && d2 >= 0 && d6 <= 0) {
    const k = d2 / (d2 - d6);
    return found(ax + vx * k, ay + vy * k, az + vz * k);
  }
  const va = d3 * d6 - d5 * d4;
  if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    const k = (d4 - d3) / (d4 - d3 + (d5 - d6));
    return found(ax + ux + (vx - ux) * k, ay + uy + (vy - uy) * k, az + uz + (vz - uz) * k);
  }
  const n = 1 / (va + vb + vc);
  const [j, k] = [vb * n, vc * n];
  found(ax + ux * j + vx * k, ay + uy * j + vy * k, az + uz * j + vz * k);
}

export interface Nearest {
  readonly distanceM: number;
  readonly point: Vec3;
}

/** Nodes still to be looked at, with the squares of their boxes' distances: twice as deep as any tree here. */
const nodes = new Int32Array(128);
const squares = new Float64Array(128);

/** Nearest point of a mesh's surface, in the mesh's frame; null where nothing is nearer than the limit. */
export function closestPoint(mesh: Mesh, [px, py, pz]: Vec3, limitM = Infinity): Nearest | null {
  const { boxes, first, count, corners } = bvhOf(mesh);
  let best = limitM * limitM;
  let [x, y, z] = [NaN, 0, 0];
  let depth = 1;
  nodes[0] = 0;
  squares[0] = boxSquare(boxes, 0, px, py, pz);
  while (depth > 0) {
    depth--;
    if (squares[depth]! >= best) continue;
    const node = nodes[depth]!;
    const next = first[node]!;
    if (next >= 0) {
      const a = boxSquare(boxes, next, px, py, pz);
      const b = boxSquare(boxes, next + 1, px, py, pz);
      // The nearer one is looked at first.
      const near = a < b ? next : next + 1;
      const far = a < b ? next + 1 : next;
      nodes[depth] = far;
      squares[depth++] = a < b ? b : a;
      nodes[depth] = near;
      squares[depth++] = a < b ? a : b;
      continue;
    }
    const start = -1 - next;
    const end = start + count[node]!;
    for (let slot = start; slot < end; slot++) {
      onTriangle(corners, slot * 9, px, py, pz);
      const dx = foundX - px;
      const dy = foundY - py;
      const dz = foundZ - pz;
      const square = dx * dx + dy * dy + dz * dz;
      if (square >= best) continue;
      best = square;
      x = foundX;
      y = foundY;
      z = foundZ;
    }
  }
  return x === x ? { distanceM: sqrt(best), point: [x, y, z] } : null;
}

/** Square of the distance of a point from a node's box; 0 inside. */
function boxSquare(boxes: Float64Array, node: number, px: number, py: number, pz: number): number {
  const o = node * 6;
  let sum = 0;
  let out = boxes[o]! > px ? boxes[o]! - px : px - boxes[o + 3]!;
  if (out > 0) sum += out * out;
  out = boxes[o + 1]! > py ? boxes[o + 1]! - py : py - boxes[o + 4]!;
  if (out > 0) sum += out * out;
  out = boxes[o + 2]! > pz ? boxes[o + 2]! - pz : pz - boxes[o + 5]!;
  if (out > 0) sum += out * out;
  return sum;
}
