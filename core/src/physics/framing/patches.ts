import { meshBounds, type Mesh } from '../../mathematics/geometry/mesh';
import type { Vec3 } from '../../mathematics/geometry/vec3';

/**
 * A mesh cut into small patches of neighbouring triangles, so that what is turned away or out of sight is left out by the patch.
 * Part's frame, flat arrays; corners are repeated in each patch that has them.
 */
export interface Patches {
  readonly positions: Float32Array;
  /** Corners of each triangle, counted from its patch's first. */
  readonly indices: Uint16Array;
  /** Normal of each triangle (twice the area long) and its product with a corner: four numbers. */
  readonly planes: Float64Array;
  readonly firstTriangle: Int32Array;
  readonly firstCorner: Int32Array;
  /** Ball round each patch: centre and radius. */
  readonly balls: Float64Array;
  /** Cone of each patch's normals: axis, and the sine of its half angle; 2 where they point all ways. */
  readonly cones: Float64Array;
  readonly centre: Vec3;
  readonly radiusM: number;
  readonly low: Vec3;
  readonly high: Vec3;
  /** Corners of the largest patch. */
  readonly most: number;
}

const PATCH = 64;
const { max, min, sqrt } = Math;
const known = new WeakMap<Mesh, Patches>();

/** Patches of a mesh, cut on first use and kept as long as the mesh is. */
export function patchesOf(mesh: Mesh): Patches {
  const kept = known.get(mesh);
  if (kept) return kept;
  const made = cut(mesh);
  known.set(mesh, made);
  return made;
}

function cut(mesh: Mesh): Patches {
  const { positions: p, indices: all } = mesh;
  // Builders lay triangles down in strips: neighbours in order are neighbours in space.
  const triangles = all.length / 3;
  const count = Math.ceil(triangles / PATCH);
  const positions = new Float32Array(triangles * 9);
  const indices = new Uint16Array(triangles * 3);
  const planes = new Float64Array(triangles * 4);
  const firstTriangle = new Int32Array(count + 1);
  const firstCorner = new Int32Array(count + 1);
  const balls = new Float64Array(count * 4);
  const cones = new Float64Array(count * 4);
  /** Number of each corner in the patch that had it last; that patch, counted from 1. */
  const numbers = new Int32Array(p.length / 3);
  const numberedIn = new Int32Array(p.length / 3);
  let corners = 0;
  let most = 0;
  for (let patch = 0; patch < count; patch++) {
    const end = min(triangles, (patch + 1) * PATCH);
    const before = corners;
    for (let t = patch * PATCH; t < end; t++) {
      for (let at = t * 3; at < t * 3 + 3; at++) {
        const corner = all[at]!;
        if (numberedIn[corner] !== patch + 1) {
          numberedIn[corner] = patch + 1;
          numbers[corner] = corners - before;
          for (let axis = 0; axis < 3; axis++) positions[corners * 3 + axis] = p[corner * 3 + axis]!;
          corners++;
        }
        indices[at] = numbers[corner]!;
      }
      const [i, j, k] = [all[t * 3]! * 3, all[t * 3 + 1]! * 3, all[t * 3 + 2]! * 3];
      const [ax, ay, az] = [p[i]!, p[i + 1]!, p[i + 2]!];
      const [bx, by, bz] = [p[j]! - ax, p[j + 1]! - ay, p[j + 2]! - az];
      const [cx, cy, cz] = [p[k]! - ax, p[k + 1]! - ay, p[k + 2]! - az];
      const [nx, ny, nz] = [by * cz - bz * cy, bz * cx - bx * cz, bx * cy - by * cx];
      const plane = t * 4;
      planes[plane] = nx;
      planes[plane + 1] = ny;
      planes[plane + 2] = nz;
      planes[plane + 3] = nx * ax + ny * ay + nz * az;
    }
    firstTriangle[patch + 1] = end;
    firstCorner[patch + 1] = corners;
    most = max(most, corners - before);
    balls.set(ballRound(positions, before, corners), patch * 4);
    cones.set(coneOf(planes, patch * PATCH, end), patch * 4);
  }
  const { min: low, max: high } = meshBounds(mesh);
  const [x, y, z, radiusM] = ballRound(p, 0, p.length / 3);
  return {
    positions: positions.slice(0, corners * 3),
    indices,
    planes,
    firstTriangle,
    firstCorner,
    balls,
    cones,
    centre: [x, y, z],
    radiusM,
    low,
    high,
    most,
  };
}

/** Ball round the box of some corners: centre and radius. */
function ballRound(p: Float32Array, from: number, to: number): [number, number, number, number] {
  const middle: [number, number, number] = [0, 0, 0];
  for (const axis of [0, 1, 2] as const) {
    let low = Infinity;
    let high = -Infinity;
    for (let i = from * 3 + axis; i < to * 3; i += 3) {
      const at = p[i]!;
      if (at < low) low = at;
      if (at > high) high = at;
    }
    middle[axis] = (low + high) / 2;
  }
  const [x, y, z] = middle;
  let square = 0;
  for (let i = from * 3; i < to * 3; i += 3) {
    square = max(square, (p[i]! - x) ** 2 + (p[i + 1]! - y) ** 2 + (p[i + 2]! - z) ** 2);
  }
  return [x, y, z, sqrt(square)];
}

/** Axis of the normals of some triangles and the sine of the widest angle from it; triangles without area have none. */
function coneOf(planes: Float64Array, from: number, to: number): [number, number, number, number] {
  let [x, y, z] = [0, 0, 0];
  for (let o = from * 4; o < to * 4; o += 4) {
    const size = lengthOf(planes, o);
    if (size === 0) continue;
    x += planes[o]! / size;
    y += planes[o + 1]! / size;
    z += planes[o + 2]! / size;
  }
  const size = sqrt(x * x + y * y + z * z);
  if (size < 1e-9) return [0, 0, 0, 2];
  [x, y, z] = [x / size, y / size, z / size];
  let least = 1;
  for (let o = from * 4; o < to * 4; o += 4) {
    const long = lengthOf(planes, o);
    if (long > 0) least = min(least, (planes[o]! * x + planes[o + 1]! * y + planes[o + 2]! * z) / long);
  }
  // A cone of a right angle or more always has a triangle that may face the lens.
  return least <= 0.01 ? [x, y, z, 2] : [x, y, z, sqrt(max(0, 1 - least * least)) + 1e-9];
}

const lengthOf = (planes: Float64Array, o: number): number =>
  sqrt(planes[o]! * planes[o]! + planes[o + 1]! * planes[o + 1]! + planes[o + 2]! * planes[o + 2]!);
