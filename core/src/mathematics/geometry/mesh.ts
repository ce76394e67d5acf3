import type { Pose } from './pose';
import { cross, subtract, type Vec3 } from './vec3';

/** Indexed triangle mesh in a part's own frame: 3 numbers a point, 3 indices a triangle, anticlockwise seen from outside. */
export interface Mesh {
  readonly positions: Float32Array;
  readonly indices: Uint32Array;
}

export interface Bounds {
  readonly min: Vec3;
  readonly max: Vec3;
}

type Three = readonly [number, number, number];

export const meshOf = (points: readonly Vec3[], triangles: readonly Three[]): Mesh => ({
  positions: inThrees(points, new Float32Array(points.length * 3)),
  indices: inThrees(triangles, new Uint32Array(triangles.length * 3)),
});

function inThrees<List extends Float32Array | Uint32Array>(threes: readonly Three[], list: List): List {
  for (let i = 0; i < threes.length; i++) {
    const [a, b, c] = threes[i]!;
    list[i * 3] = a;
    list[i * 3 + 1] = b;
    list[i * 3 + 2] = c;
  }
  return list;
}

export function meshPoint(mesh: Mesh, index: number): Vec3 {
  const at = index * 3;
  return [mesh.positions[at]!, mesh.positions[at + 1]!, mesh.positions[at + 2]!];
}

export const triangleCount = (mesh: Mesh): number => mesh.indices.length / 3;

export function mergeMeshes(meshes: readonly Mesh[]): Mesh {
  const positions = new Float32Array(meshes.reduce((sum, mesh) => sum + mesh.positions.length, 0));
  const indices = new Uint32Array(meshes.reduce((sum, mesh) => sum + mesh.indices.length, 0));
  let pointAt = 0;
  let indexAt = 0;
  for (const mesh of meshes) {
    positions.set(mesh.positions, pointAt);
    for (let i = 0; i < mesh.indices.length; i++) indices[indexAt + i] = mesh.indices[i]! + pointAt / 3;
    pointAt += mesh.positions.length;
    indexAt += mesh.indices.length;
  }
  return { positions, indices };
}

export function transformMesh({ positions: from, indices }: Mesh, { rotation: r, position: [tx, ty, tz] }: Pose): Mesh {
  const positions = new Float32Array(from.length);
  for (let i = 0; i < from.length; i += 3) {
    const [x, y, z] = [from[i]!, from[i + 1]!, from[i + 2]!];
    positions[i] = r[0] * x + r[1] * y + r[2] * z + tx;
    positions[i + 1] = r[3] * x + r[4] * y + r[5] * z + ty;
    positions[i + 2] = r[6] * x + r[7] * y + r[8] * z + tz;
  }
  return { positions, indices };
}

/** Left and right swapped (z → -z), faces still turned outward. */
export function mirrorMesh(mesh: Mesh): Mesh {
  const positions = mesh.positions.slice();
  for (let i = 2; i < positions.length; i += 3) positions[i]! *= -1;
  const indices = new Uint32Array(mesh.indices.length);
  for (let i = 0; i < indices.length; i += 3) {
    indices[i] = mesh.indices[i]!;
    indices[i + 1] = mesh.indices[i + 2]!;
    indices[i + 2] = mesh.indices[i + 1]!;
  }
  return { positions, indices };
}

const knownBounds = new WeakMap<Mesh, Bounds>();

/** Box round a mesh; kept with it. */
export function meshBounds(mesh: Mesh): Bounds {
  const known = knownBounds.get(mesh);
  if (known) return known;
  const made = boundsOf(mesh);
  knownBounds.set(mesh, made);
  return made;
}

function boundsOf(mesh: Mesh): Bounds {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const axis of [0, 1, 2] as const) {
    let least = Infinity;
    let most = -Infinity;
    for (let i = axis; i < mesh.positions.length; i += 3) {
      const value = mesh.positions[i]!;
      if (value < least) least = value;
      if (value > most) most = value;
    }
    min[axis] = least;
    max[axis] = most;
  }
  return { min, max };
}

/** Edges that are not shared by exactly two triangles running opposite ways: 0 for a closed mesh. */
export function openEdgeCount(mesh: Mesh): number {
  const balance = new Map<string, number>();
  for (let i = 0; i < mesh.indices.length; i += 3) {
    for (let side = 0; side < 3; side++) {
      const from = mesh.indices[i + side]!;
      const to = mesh.indices[i + ((side + 1) % 3)]!;
      const key = from < to ? `${from}-${to}` : `${to}-${from}`;
      balance.set(key, (balance.get(key) ?? 0) + (from < to ? 1 : -1));
    }
  }
  let open = 0;
  for (const value of balance.values()) if (value !== 0) open++;
  return open;
}

/** Enclosed volume in m³, positive when the faces are turned outward (divergence theorem). */
export function signedVolume(mesh: Mesh): number {
  const { positions: p, indices } = mesh;
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [indices[i]! * 3, indices[i + 1]! * 3, indices[i + 2]! * 3];
    const [bx, by, bz] = [p[b]!, p[b + 1]!, p[b + 2]!];
    const [cx, cy, cz] = [p[c]!, p[c + 1]!, p[c + 2]!];
    sum += (p[a]! * (by * cz - bz * cy) + p[a + 1]! * (bz * cx - bx * cz) + p[a + 2]! * (bx * cy - by * cx)) / 6;
  }
  return sum;
}

/** Area of all faces, m². */
export function surfaceArea({ positions: p, indices }: Mesh): number {
  let sum = 0;
  for (let t = 0; t < indices.length; t += 3) {
    const [a, b, c] = [indices[t]! * 3, indices[t + 1]! * 3, indices[t + 2]! * 3];
    const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
    const [vx, vy, vz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    sum += Math.sqrt(x * x + y * y + z * z) / 2;
  }
  return sum;
}

/** Same mesh with faces turned outward. */
export function facingOutward(mesh: Mesh): Mesh {
  if (signedVolume(mesh) >= 0) return mesh;
  const indices = new Uint32Array(mesh.indices.length);
  for (let i = 0; i < indices.length; i += 3) {
    indices[i] = mesh.indices[i]!;
    indices[i + 1] = mesh.indices[i + 2]!;
    indices[i + 2] = mesh.indices[i + 1]!;
  }
  return { positions: mesh.positions, indices };
}

/** Unit normal of one triangle; [0, 1, 0] for one without area. */
export function triangleNormal(mesh: Mesh, triangle: number): Vec3 {
  const a = meshPoint(mesh, mesh.indices[triangle * 3]!);
  const b = meshPoint(mesh, mesh.indices[triangle * 3 + 1]!);
  const c = meshPoint(mesh, mesh.indices[triangle * 3 + 2]!);
  const n = cross(subtract(b, a), subtract(c, a));
  const size = Math.hypot(...n);
  return size > 0 ? [n[0] / size, n[1] / size, n[2] / size] : [0, 1, 0];
}

/** The same surface without points that no triangle uses. */
export function withoutLoosePoints(mesh: Mesh): Mesh {
  const renamed = new Map<number, number>();
  const indices = mesh.indices.map((index) => {
    let to = renamed.get(index);
    if (to === undefined) renamed.set(index, (to = renamed.size));
    return to;
  });
  const positions = new Float32Array(renamed.size * 3);
  for (const [from, to] of renamed) positions.set(mesh.positions.subarray(from * 3, from * 3 + 3), to * 3);
  return { positions, indices };
}
