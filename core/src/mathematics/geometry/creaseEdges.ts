import { toRad } from '../units/angle';
import { dot } from './vec3';
import { meshPoint, triangleNormal, type Mesh } from './mesh';
import { smoothNormalsOf } from './surfacePoint';

/** Line segments (six numbers each) along the edges whose faces fold by more than the angle: the ink of a drawing. */
export function creaseEdges(mesh: Mesh, creaseDeg: number): Float32Array {
  const firstFace = new Map<string, number>();
  const limit = Math.cos(toRad(creaseDeg));
  const segments: number[] = [];
  for (let face = 0; face < mesh.indices.length / 3; face++) {
    for (let side = 0; side < 3; side++) {
      const a = mesh.indices[face * 3 + side]!;
      const b = mesh.indices[face * 3 + ((side + 1) % 3)]!;
      const key = a < b ? `${a}-${b}` : `${b}-${a}`;
      const other = firstFace.get(key);
      if (other === undefined) firstFace.set(key, face);
      else if (dot(triangleNormal(mesh, face), triangleNormal(mesh, other)) < limit) {
        segments.push(...meshPoint(mesh, a), ...meshPoint(mesh, b));
      }
    }
  }
  return Float32Array.from(segments);
}

/** Corners written out with their smoothed normals, nine numbers a triangle each: what a graphics card draws. */
export function shadedMesh(mesh: Mesh): { positions: Float32Array; normals: Float32Array } {
  const positions = new Float32Array(mesh.indices.length * 3);
  mesh.indices.forEach((index, i) => positions.set(mesh.positions.subarray(index * 3, index * 3 + 3), i * 3));
  return { positions, normals: smoothNormalsOf(mesh).slice() };
}
