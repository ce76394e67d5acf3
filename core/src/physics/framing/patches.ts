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
const { hypot, max, min, sqrt } = Math;
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
  const positions: number[] = [];
  const indices = new Uint16Array(triangles * 3);
  const planes = new Float64Array(triangles * 4);
  const firstTriangle = new Int32Array(count + 1);
  const firstCorner = new Int32Array(count + 1);
  const balls = new Float64Array(count * 4);
  const cones = new Float64Array(count * 4);
  let most = 0;
  for (let patch = 0; patch < count; patch++) {
    const end = min(triangles, (patch + 1) * PATCH);
    const numbers = new Map<number, number>();
    const units: Vec3[] = [];
    for (let t = patch * PATCH; t < end; t++) {
      const source = t * 3;
      for (let k = 0; k < 3; k++) {
        const corner = all[source + k]!;
        let number = numbers.get(corner);
        if (number === undefined) {
          number = numbers.size;
          numbers.set(corner, number);
          positions.push(p[corner * 3]!, p[corner * 3 + 1]!, p[corner * 3 + 2]!);
        }
        indices[t * 3 + k] = number;
      }
      const [i, j, k] = [all[source]! * 3, all[source + 1]! * 3, all[source + 2]! * 3];
      const [ax, ay, az] = [p[i]!, p[i + 1]!, p[i + 2]!];
      const [bx, by, bz] = [p[j]! - ax, p[j + 1]! - ay, p[j + 2]! - az];
      const [cx, cy, cz] = [p[k]! - ax, p[k + 1]! - ay, p[k + 2]! - az];
      const [nx, ny, nz] = [by * cz - bz * cy, bz * cx - bx * cz, bx * cy - by * cx];
      planes.set([nx, ny, nz, nx * ax + ny * ay + nz * az], t * 4);
      const size = hypot(nx, ny, nz);
      if (size > 0) units.push([nx / size, ny / size, nz / size]);
    }
    firstTriangle[patch + 1] = end;
    firstCorner[patch + 1] = firstCorner[patch]! + numbers.size;
    most = max(most, numbers.size);
    balls.set(ballRound(positions, firstCorner[patch]!, firstCorner[patch + 1]!), patch * 4);
    cones.set(coneOf(units), patch * 4);
  }
  const { min: low, max: high } = meshBounds(mesh);
  const [x, y, z, radiusM] = ballRound(p, 0, p.length / 3);
  return {
    positions: Float32Array.from(positions),
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
function ballRound(p: ArrayLike<number>, from: number, to: number): [number, number, number, number] {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (let i = from * 3; i < to * 3; i++) {
    low[i % 3] = min(low[i % 3]!, p[i]!);
    high[i % 3] = max(high[i % 3]!, p[i]!);
  }
  const [x, y, z] = [0, 1, 2].map((k) => (low[k]! + high[k]!) / 2) as [number, number, number];
  let square = 0;
  for (let i = from * 3; i < to * 3; i += 3) {
    square = max(square, (p[i]! - x) ** 2 + (p[i + 1]! - y) ** 2 + (p[i + 2]! - z) ** 2);
  }
  return [x, y, z, sqrt(square)];
}

/** Axis of some unit normals and the sine of the widest angle from it. */
function coneOf(units: readonly Vec3[]): [number, number, number, number] {
  const sum = units.reduce<Vec3>((a, n) => [a[0] + n[0], a[1] + n[1], a[2] + n[2]], [0, 0, 0]);
  const size = hypot(...sum);
  if (size < 1e-9) return [0, 0, 0, 2];
  const [x, y, z] = [sum[0] / size, sum[1] / size, sum[2] / size];
  const least = units.reduce((c, n) => min(c, n[0] * x + n[1] * y + n[2] * z), 1);
  // A cone of a right angle or more always has a triangle that may face the lens.
  return least <= 0.01 ? [x, y, z, 2] : [x, y, z, sqrt(max(0, 1 - least * least)) + 1e-9];
}
