/** Whether anything stands between a point and the sun: what physics/light/partRays.ts does in TypeScript. */
import { at, PART, real, whole } from './parts';

/** Nodes still to be looked at: twice as deep as any tree, which halves at every step. */
const NODES = memory.data(128 * 4, 4);

/** The part that was in the way last: mostly the next point has the same. */
let last: i32 = 0;

/** Before the first ray of a picture. */
export function noneYet(): void {
  last = 0;
}

/** @param parts where the parts lie @param own whether only those count that throw a shadow of one's own */
export function inShade(parts: usize, count: i32, x: f64, y: f64, z: f64, dx: f64, dy: f64, dz: f64, own: bool): bool {
  if (last < count && hides(parts + <usize>last * PART, x, y, z, dx, dy, dz, own)) return true;
  for (let i = 0; i < count; i++) {
    if (i == last || !hides(parts + <usize>i * PART, x, y, z, dx, dy, dz, own)) continue;
    last = i;
    return true;
  }
  return false;
}

function hides(part: usize, x: f64, y: f64, z: f64, dx: f64, dy: f64, dz: f64, own: bool): bool {
  if (own && real(part, 17) == 0) return false;
  // The ball round the part.
  const bx = real(part, 18) - x;
  const by = real(part, 19) - y;
  const bz = real(part, 20) - z;
  const radius2 = real(part, 21);
  const away2 = bx * bx + by * by + bz * bz;
  if (away2 > radius2) {
    const along = bx * dx + by * dy + bz * dz;
    if (along < 0 || away2 - along * along > radius2) return false;
  }
  const r0 = real(part, 0);
  const r1 = real(part, 1);
  const r2 = real(part, 2);
  const r3 = real(part, 3);
  const r4 = real(part, 4);
  const r5 = real(part, 5);
  const r6 = real(part, 6);
  const r7 = real(part, 7);
  const r8 = real(part, 8);
  const px = x - real(part, 9);
  const py = y - real(part, 10);
  const pz = z - real(part, 11);
  return meets(
    part,
    r0 * px + r3 * py + r6 * pz,
    r1 * px + r4 * py + r7 * pz,
    r2 * px + r5 * py + r8 * pz,
    r0 * dx + r3 * dy + r6 * dz,
    r1 * dx + r4 * dy + r7 * dz,
    r2 * dx + r5 * dy + r8 * dz,
  );
}

/** Whether a ray meets a mesh (Möller & Trumbore 1997), from both sides. */
function meets(part: usize, ox: f64, oy: f64, oz: f64, dx: f64, dy: f64, dz: f64): bool {
  const positions = whole(part, 22);
  const indices = whole(part, 23);
  const boxes = whole(part, 25);
  const first = whole(part, 26);
  const count = whole(part, 27);
  const order = whole(part, 28);
  // A component of exactly 0 would make 0 × ∞ on a box face it lies in.
  const ix = 1 / (dx == 0 ? 1e-300 : dx);
  const iy = 1 / (dy == 0 ? 1e-300 : dy);
  const iz = 1 / (dz == 0 ? 1e-300 : dz);
  let depth = 1;
  store<i32>(NODES, 0);
  while (depth > 0) {
    depth--;
    const node = load<i32>(NODES + (<usize>depth << 2));
    const box = boxes + <usize>node * 48;
    const ax = (load<f64>(box) - ox) * ix;
    const bx = (load<f64>(box, 24) - ox) * ix;
    const ay = (load<f64>(box, 8) - oy) * iy;
    const by = (load<f64>(box, 32) - oy) * iy;
    const az = (load<f64>(box, 16) - oz) * iz;
    const bz = (load<f64>(box, 40) - oz) * iz;
    const near = max<f64>(max<f64>(0, min<f64>(ax, bx)), max<f64>(min<f64>(ay, by), min<f64>(az, bz)));
    const far = min<f64>(max<f64>(ax, bx), min<f64>(max<f64>(ay, by), max<f64>(az, bz)));
    if (!(near <= far * (1 + 1e-12) + 1e-12)) continue;
    const own = <usize>node << 2;
    const triangles = load<i32>(count + own);
    const begin = load<i32>(first + own);
    if (triangles == 0) {
      store<i32>(NODES + (<usize>depth << 2), begin);
      store<i32>(NODES + (<usize>depth << 2), begin + 1, 4);
      depth += 2;
      continue;
    }
    for (let slot = -1 - begin; slot < -1 - begin + triangles; slot++) {
      const corners = indices + <usize>load<u32>(order + (<usize>slot << 2)) * 12;
      const a = positions + <usize>load<u32>(corners) * 12;
      const b = positions + <usize>load<u32>(corners, 4) * 12;
      const c = positions + <usize>load<u32>(corners, 8) * 12;
      const x0 = at(a, 0);
      const y0 = at(a, 1);
      const z0 = at(a, 2);
      const e1x = at(b, 0) - x0;
      const e1y = at(b, 1) - y0;
      const e1z = at(b, 2) - z0;
      const e2x = at(c, 0) - x0;
      const e2y = at(c, 1) - y0;
      const e2z = at(c, 2) - z0;
      const px = dy * e2z - dz * e2y;
      const py = dz * e2x - dx * e2z;
      const pz = dx * e2y - dy * e2x;
      const det = e1x * px + e1y * py + e1z * pz;
      if (abs<f64>(det) < 1e-18) continue;
      const sx = ox - x0;
      const sy = oy - y0;
      const sz = oz - z0;
      const u = (sx * px + sy * py + sz * pz) / det;
      if (u < -1e-9 || u > 1 + 1e-9) continue;
      const qx = sy * e1z - sz * e1y;
      const qy = sz * e1x - sx * e1z;
      const qz = sx * e1y - sy * e1x;
      const v = (dx * qx + dy * qy + dz * qz) / det;
      if (v < -1e-9 || u + v > 1 + 1e-9) continue;
      if ((e2x * qx + e2y * qy + e2z * qz) / det > 1e-9) return true;
    }
  }
  return false;
}
