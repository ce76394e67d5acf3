import { toRad } from '../units/angle';
import type { Mesh } from './mesh';

/** One unit normal for each corner of each triangle (9 numbers a triangle). */
type CornerNormals = Float32Array;

const { cos, sqrt } = Math;

/**
 * Normals for shading: a corner averages the area-weighted normals of the faces around its point that lie within the
 * crease angle of its own face, so round things look round and edges stay sharp.
 */
export function creaseNormals(mesh: Mesh, creaseDeg = 38): CornerNormals {
  const { indices } = mesh;
  const { area, unit } = faceNormals(mesh);
  const { start, list } = facesRound(mesh);
  const limit = cos(toRad(creaseDeg));
  const normals = new Float32Array(indices.length * 3);
  for (let corner = 0; corner < indices.length; corner++) {
    const own = ((corner / 3) | 0) * 3;
    const [ux, uy, uz] = [unit[own]!, unit[own + 1]!, unit[own + 2]!];
    let [x, y, z] = [0, 0, 0];
    for (let at = start[indices[corner]!]!; at < start[indices[corner]! + 1]!; at++) {
      const other = list[at]! * 3;
      if (ux * unit[other]! + uy * unit[other + 1]! + uz * unit[other + 2]! < limit) continue;
      x += area[other]!;
      y += area[other + 1]!;
      z += area[other + 2]!;
    }
    const size = sqrt(x * x + y * y + z * z);
    normals[corner * 3] = size > 0 ? x / size : ux;
    normals[corner * 3 + 1] = size > 0 ? y / size : uy;
    normals[corner * 3 + 2] = size > 0 ? z / size : uz;
  }
  return normals;
}

/** Normal of each face: twice its area long, and one long (none for a face without area). */
function faceNormals({ positions: p, indices }: Mesh): { readonly area: Float64Array; readonly unit: Float64Array } {
  const area = new Float64Array(indices.length);
  const unit = new Float64Array(indices.length);
  for (let at = 0; at < indices.length; at += 3) {
    const [a, b, c] = [indices[at]! * 3, indices[at + 1]! * 3, indices[at + 2]! * 3];
    const [ax, ay, az] = [p[a]!, p[a + 1]!, p[a + 2]!];
    const [bx, by, bz] = [p[b]! - ax, p[b + 1]! - ay, p[b + 2]! - az];
    const [cx, cy, cz] = [p[c]! - ax, p[c + 1]! - ay, p[c + 2]! - az];
    const [x, y, z] = [by * cz - bz * cy, bz * cx - bx * cz, bx * cy - by * cx];
    const size = sqrt(x * x + y * y + z * z) || 1;
    area[at] = x;
    area[at + 1] = y;
    area[at + 2] = z;
    unit[at] = x / size;
    unit[at + 1] = y / size;
    unit[at + 2] = z / size;
  }
  return { area, unit };
}

/** Faces round each point: those of point i lie in the list from start[i] to before start[i + 1]. */
function facesRound({ positions, indices }: Mesh): { readonly start: Int32Array; readonly list: Int32Array } {
  const start = new Int32Array(positions.length / 3 + 1);
  for (let at = 0; at < indices.length; at++) start[indices[at]! + 1]!++;
  for (let point = 1; point < start.length; point++) start[point]! += start[point - 1]!;
  const next = start.slice();
  const list = new Int32Array(indices.length);
  for (let at = 0; at < indices.length; at++) list[next[indices[at]!]!++] = (at / 3) | 0;
  return { start, list };
}
