import { bvhOf, type Bvh } from '../geometry/bvh';
import { inverseRotation, rotate, type Rotation } from '../geometry/rotation';
import { invert, transformPoint, type Pose } from '../geometry/pose';
import type { RayGrid } from '../lens/rayGrid';
import type { PosedPart } from '../rig/types';

/** What each cell of the picture hits first. */
export interface CastFrame {
  readonly columns: number;
  readonly rows: number;
  /** Index into the parts that were cast, -1 = none (sky or ground), -2 = outside the image circle. */
  readonly part: Int16Array;
  /** Metres along the ray; Infinity where no part is hit. */
  readonly distanceM: Float64Array;
  /** Triangle of the part's mesh, -1 where none. */
  readonly triangle: Int32Array;
  /** Unit directions in the world, three numbers a cell. */
  readonly directions: Float64Array;
}

export const NO_PART = -1;
export const NO_IMAGE = -2;

const { sqrt, max } = Math;
const TILE_COLUMNS = 8;
const TILE_ROWS = 6;
/** Sine of a tile's half angle above which its rays go one by one; found by npm run bench. */
const WIDE_TILE = 0.045;
const TINY = 1e-300;
/** Lets a ray through that runs in a box's face. */
const ROUNDING = 1 + 1e-12;

interface LocalView {
  bvh: Bvh;
  /** Number of its rotation among the different rotations of the scene. */
  turn: number;
  /** The lens in the part's frame. */
  ox: number;
  oy: number;
  oz: number;
  /** partFromWorld rotation, row-major. */
  r: readonly number[];
}

/**
 * First hit of every ray of the grid. Rays share one origin, so they are cast in small tiles: a tile's cone is held
 * against the spheres of each part's tree, and the few triangles left are tested against the tile's rays with three
 * scalar products each (the numerators of Möller & Trumbore 1997 are linear in the direction for a fixed origin).
 * Part numbering follows `parts`.
 */
export function castFrame(parts: readonly PosedPart[], worldFromCamera: Pose, grid: RayGrid): CastFrame {
  const { columns, rows } = grid;
  const cells = columns * rows;
  const part = new Int16Array(cells).fill(NO_PART);
  const distanceM = new Float64Array(cells).fill(Infinity);
  const triangle = new Int32Array(cells).fill(-1);
  const directions = new Float64Array(cells * 3);
  const m = worldFromCamera.rotation;
  for (let i = 0; i < cells * 3; i += 3) {
    const x = grid.directions[i]!;
    const y = grid.directions[i + 1]!;
    const z = grid.directions[i + 2]!;
    if (Number.isNaN(x)) part[i / 3] = NO_IMAGE;
    directions[i] = m[0] * x + m[1] * y + m[2] * z;
    directions[i + 1] = m[3] * x + m[4] * y + m[5] * z;
    directions[i + 2] = m[6] * x + m[7] * y + m[8] * z;
  }

  const turns = new Map<Rotation, number>();
  const views: LocalView[] = parts.map((posed) => {
    const { rotation } = posed.worldFromPart;
    const [ox, oy, oz] = transformPoint(invert(posed.worldFromPart), worldFromCamera.position);
    if (!turns.has(rotation)) turns.set(rotation, turns.size);
    return { bvh: bvhOf(posed.mesh), turn: turns.get(rotation)!, ox, oy, oz, r: inverseRotation(rotation) };
  });
  // Middle of each part's root sphere as seen from the lens, in world directions.
  const centres = parts.map((posed, i) => {
    const { spheres } = views[i]!.bvh;
    const view = views[i]!;
    return rotate(posed.worldFromPart.rotation, [spheres[0]! - view.ox, spheres[1]! - view.oy, spheres[2]! - view.oz]);
  });

  const size = TILE_COLUMNS * TILE_ROWS;
  const cell = new Int32Array(size);
  // The tile's directions in each rotation's frame, worked out once a tile for all parts that share it.
  const localOf = Array.from(turns, () => new Float64Array(size * 3));
  const readyFor = new Int32Array(turns.size).fill(-1);
  let tile = -1;
  let farthest = Infinity;
  const near: [number, number][] = [];
  for (let row0 = 0; row0 < rows; row0 += TILE_ROWS) {
    for (let column0 = 0; column0 < columns; column0 += TILE_COLUMNS) {
      let n = 0;
      let ax = 0;
      let ay = 0;
      let az = 0;
      for (let row = row0; row < Math.min(rows, row0 + TILE_ROWS); row++) {
        for (let column = column0; column < Math.min(columns, column0 + TILE_COLUMNS); column++) {
          const index = row * columns + column;
          if (part[index] === NO_IMAGE) continue;
          cell[n++] = index;
          ax += directions[index * 3]!;
          ay += directions[index * 3 + 1]!;
          az += directions[index * 3 + 2]!;
        }
      }
      const axisLength = Math.hypot(ax, ay, az);
      if (n === 0 || axisLength < 1e-9) continue;
      tile++;
      ax /= axisLength;
      ay /= axisLength;
      az /= axisLength;
      let cosHalf = 1;
      for (let k = 0; k < n; k++) {
        const i = cell[k]! * 3;
        cosHalf = Math.min(cosHalf, ax * directions[i]! + ay * directions[i + 1]! + az * directions[i + 2]!);
      }
      const sinHalf = sqrt(max(0, 1 - cosHalf * cosHalf)) + 1e-9;

      near.length = 0;
      for (let p = 0; p < parts.length; p++) {
        const [cx, cy, cz] = centres[p]!;
        const radius = views[p]!.bvh.spheres[3]!;
        const along = cx * ax + cy * ay + cz * az;
        const squared = cx * cx + cy * cy + cz * cz;
        const off = sqrt(max(0, squared - along * along));
        if (squared <= radius * radius || off * cosHalf - along * sinHalf <= radius) {
          near.push([max(0, sqrt(squared) - radius), p]);
        }
      }
      near.sort((a, b) => a[0] - b[0]);
      farthest = Infinity;
      for (const [nearest, p] of near) {
        if (nearest > farthest) break;
        const { r, turn } = views[p]!;
        const local = localOf[turn]!;
        if (readyFor[turn] !== tile) {
          readyFor[turn] = tile;
          for (let k = 0; k < n; k++) {
            const i = cell[k]! * 3;
            const x = directions[i]!;
            const y = directions[i + 1]!;
            const z = directions[i + 2]!;
            local[k * 3] = r[0]! * x + r[1]! * y + r[2]! * z;
            local[k * 3 + 1] = r[3]! * x + r[4]! * y + r[5]! * z;
            local[k * 3 + 2] = r[6]! * x + r[7]! * y + r[8]! * z;
          }
        }
        const axisX = r[0]! * ax + r[1]! * ay + r[2]! * az;
        const axisY = r[3]! * ax + r[4]! * ay + r[5]! * az;
        const axisZ = r[6]! * ax + r[7]! * ay + r[8]! * az;
        if (sinHalf > WIDE_TILE) castRays(views[p]!, local, p, n);
        else castTile(views[p]!, local, p, n, axisX, axisY, axisZ, cosHalf, sinHalf);
      }
    }
  }
  return { columns, rows, part, distanceM, triangle, directions };

  /** Ray by ray through the part's boxes: better where a tile is so wide that its rays share few triangles. */
  function castRays({ bvh, ox, oy, oz }: LocalView, local: Float64Array, p: number, n: number): void {
    const { boxes, first, count, order, corners } = bvh;
    let hits = false;
    for (let k = 0; k < n; k++) {
      const dx = local[k * 3]!;
      const dy = local[k * 3 + 1]!;
      const dz = local[k * 3 + 2]!;
      // A component of exactly 0 would make 0 × ∞ on a box face that the lens lies in.
      const ix = 1 / (dx || TINY);
      const iy = 1 / (dy || TINY);
      const iz = 1 / (dz || TINY);
      const index = cell[k]!;
      let limit = distanceM[index]!;
      let top = 1;
      stack[0] = 0;
      while (top > 0) {
        const node = stack[--top]!;
        const b = node * 6;
        const x0 = (boxes[b]! - ox) * ix;
        const x1 = (boxes[b + 3]! - ox) * ix;
        const y0 = (boxes[b + 1]! - oy) * iy;
        const y1 = (boxes[b + 4]! - oy) * iy;
        const z0 = (boxes[b + 2]! - oz) * iz;
        const z1 = (boxes[b + 5]! - oz) * iz;
        let near = x0 < x1 ? x0 : x1;
        let far = x0 < x1 ? x1 : x0;
        const nearY = y0 < y1 ? y0 : y1;
        const farY = y0 < y1 ? y1 : y0;
        if (nearY > near) near = nearY;
        if (farY < far) far = farY;
        const nearZ = z0 < z1 ? z0 : z1;
        const farZ = z0 < z1 ? z1 : z0;
        if (nearZ > near) near = nearZ;
        if (farZ < far) far = farZ;
        if (near > far * ROUNDING || far < 0 || near > limit) continue;
        const triangles = count[node]!;
        if (triangles === 0) {
          stack[top++] = first[node]! + 1;
          stack[top++] = first[node]!;
          continue;
        }
        const start = -1 - first[node]!;
        for (let slot = start; slot < start + triangles; slot++) {
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
          if (det === 0) continue;
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
          if (t <= 1e-9 || t >= limit) continue;
          limit = t;
          distanceM[index] = t;
          part[index] = p;
          triangle[index] = order[slot]!;
          hits = true;
        }
      }
    }
    if (hits) seeFarthest(n);
  }

  function seeFarthest(n: number): void {
    farthest = 0;
    for (let k = 0; k < n; k++) if (distanceM[cell[k]!]! > farthest) farthest = distanceM[cell[k]!]!;
  }

  function castTile(
    { bvh, ox, oy, oz }: LocalView,
    local: Float64Array,
    p: number,
    n: number,
    ax: number,
    ay: number,
    az: number,
    cosHalf: number,
    sinHalf: number,
  ): void {
    const { spheres, first, count, order, corners } = bvh;
    let top = 1;
    stack[0] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      const s = node * 4;
      const cx = spheres[s]! - ox;
      const cy = spheres[s + 1]! - oy;
      const cz = spheres[s + 2]! - oz;
      const radius = spheres[s + 3]!;
      const squared = cx * cx + cy * cy + cz * cz;
      if (squared > radius * radius) {
        const reach = radius + farthest;
        if (squared > reach * reach) continue;
        const along = cx * ax + cy * ay + cz * az;
        const off = sqrt(max(0, squared - along * along));
        if (off * cosHalf - along * sinHalf > radius) continue;
      }
      const triangles = count[node]!;
      if (triangles === 0) {
        // The nearer child is looked at first.
        const left = first[node]!;
        const right = left + 1;
        const toRight =
          axisAlong(spheres, right * 4, ox, oy, oz, ax, ay, az) - axisAlong(spheres, left * 4, ox, oy, oz, ax, ay, az);
        stack[top++] = toRight > 0 ? right : left;
        stack[top++] = toRight > 0 ? left : right;
        continue;
      }
      let hits = false;
      const start = -1 - first[node]!;
      for (let slot = start; slot < start + triangles; slot++) {
        const c = slot * 9;
        const e1x = corners[c + 3]!;
        const e1y = corners[c + 4]!;
        const e1z = corners[c + 5]!;
        const e2x = corners[c + 6]!;
        const e2y = corners[c + 7]!;
        const e2z = corners[c + 8]!;
        const sx = ox - corners[c]!;
        const sy = oy - corners[c + 1]!;
        const sz = oz - corners[c + 2]!;
        // det = d·(e2 × e1), u·det = d·(e2 × s), v·det = d·(s × e1), t·det = e2·(s × e1): the last is the same for all
        // rays, so its sign is the determinant's wherever the triangle lies ahead, and all three are turned positive by it.
        const wx = sy * e1z - sz * e1y;
        const wy = sz * e1x - sx * e1z;
        const wz = sx * e1y - sy * e1x;
        const height = e2x * wx + e2y * wy + e2z * wz;
        if (height === 0) continue;
        const sign = height > 0 ? 1 : -1;
        const vx = wx * sign;
        const vy = wy * sign;
        const vz = wz * sign;
        if (isOutside(vx, vy, vz, ax, ay, az, sinHalf)) continue;
        const ux = (e2y * sz - e2z * sy) * sign;
        const uy = (e2z * sx - e2x * sz) * sign;
        const uz = (e2x * sy - e2y * sx) * sign;
        if (isOutside(ux, uy, uz, ax, ay, az, sinHalf)) continue;
        const nx = (e2y * e1z - e2z * e1y) * sign;
        const ny = (e2z * e1x - e2x * e1z) * sign;
        const nz = (e2x * e1y - e2y * e1x) * sign;
        if (isOutside(nx - ux - vx, ny - uy - vy, nz - uz - vz, ax, ay, az, sinHalf)) continue;
        const t0 = height * sign;
        for (let k = 0; k < n; k++) {
          const i = k * 3;
          const dx = local[i]!;
          const dy = local[i + 1]!;
          const dz = local[i + 2]!;
          const det = dx * nx + dy * ny + dz * nz;
          const slack = -1e-9 * det;
          const u = dx * ux + dy * uy + dz * uz;
          if (det <= 0 || u < slack) continue;
          const v = dx * vx + dy * vy + dz * vz;
          if (v < slack || det - u - v < slack) continue;
          const t = t0 / det;
          const index = cell[k]!;
          if (t <= 1e-9 || t >= distanceM[index]!) continue;
          distanceM[index] = t;
          part[index] = p;
          triangle[index] = order[slot]!;
          hits = true;
        }
      }
      if (hits) seeFarthest(n);
    }
  }
}

/** Whether the whole cone of a tile lies on the outer side of a plane through the lens. */
function isOutside(x: number, y: number, z: number, ax: number, ay: number, az: number, sinHalf: number): boolean {
  const along = x * ax + y * ay + z * az;
  return along < 0 && along * along > (x * x + y * y + z * z) * sinHalf * sinHalf;
}

/** How far a sphere's centre lies along the tile's axis. */
const axisAlong = (
  spheres: Float64Array,
  s: number,
  ox: number,
  oy: number,
  oz: number,
  ax: number,
  ay: number,
  az: number,
): number => (spheres[s]! - ox) * ax + (spheres[s + 1]! - oy) * ay + (spheres[s + 2]! - oz) * az;

const stack = new Int32Array(256);
