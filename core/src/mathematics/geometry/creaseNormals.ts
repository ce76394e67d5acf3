import { toRad } from '../units/angle';
import { cross, dot, subtract, type Vec3 } from './vec3';
import { meshPoint, type Mesh } from './mesh';

/** One unit normal for each corner of each triangle (9 numbers a triangle). */
type CornerNormals = Float32Array;

/**
 * Normals for shading: a corner averages the area-weighted normals of the faces around its point that lie within the
 * crease angle of its own face, so round things look round and edges stay sharp.
 */
export function creaseNormals(mesh: Mesh, creaseDeg = 38): CornerNormals {
  const faces = mesh.indices.length / 3;
  const areaNormals: Vec3[] = [];
  const unit: Vec3[] = [];
  const facesAt = new Map<number, number[]>();
  for (let face = 0; face < faces; face++) {
    const [ia, ib, ic] = [0, 1, 2].map((k) => mesh.indices[face * 3 + k]!) as [number, number, number];
    const a = meshPoint(mesh, ia);
    const n = cross(subtract(meshPoint(mesh, ib), a), subtract(meshPoint(mesh, ic), a));
    const size = Math.hypot(...n) || 1;
    areaNormals.push(n);
    unit.push([n[0] / size, n[1] / size, n[2] / size]);
    for (const index of [ia, ib, ic]) {
      const list = facesAt.get(index);
      if (list) list.push(face);
      else facesAt.set(index, [face]);
    }
  }
  const limit = Math.cos(toRad(creaseDeg));
  const normals = new Float32Array(faces * 9);
  for (let face = 0; face < faces; face++) {
    for (let corner = 0; corner < 3; corner++) {
      let sum: Vec3 = [0, 0, 0];
      for (const other of facesAt.get(mesh.indices[face * 3 + corner]!)!) {
        if (dot(unit[face]!, unit[other]!) >= limit) {
          const n = areaNormals[other]!;
          sum = [sum[0] + n[0], sum[1] + n[1], sum[2] + n[2]];
        }
      }
      const size = Math.hypot(...sum);
      normals.set(size > 0 ? [sum[0] / size, sum[1] / size, sum[2] / size] : unit[face]!, face * 9 + corner * 3);
    }
  }
  return normals;
}
