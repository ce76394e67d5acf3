import { castRay } from './bvh';
import { creaseNormals } from './creaseNormals';
import { meshPoint, type Mesh } from './mesh';
import { addScaled, cross, dot, normalize, scale, subtract, type Vec3 } from './vec3';

interface SurfacePoint {
  readonly point: Vec3;
  /** Outward unit normal, smoothed over the faces around. */
  readonly normal: Vec3;
}

const smooth = new WeakMap<Mesh, Float32Array>();

/** Smoothed normals of a mesh, computed once. */
export function smoothNormalsOf(mesh: Mesh): Float32Array {
  const known = smooth.get(mesh);
  if (known) return known;
  const normals = creaseNormals(mesh);
  smooth.set(mesh, normals);
  return normals;
}

/** Barycentric weights of a point in a triangle's plane. */
export function barycentric(point: Vec3, a: Vec3, b: Vec3, c: Vec3): Vec3 {
  const n = cross(subtract(b, a), subtract(c, a));
  const area = dot(n, n);
  if (area === 0) return [1, 0, 0];
  const u = dot(n, cross(subtract(c, b), subtract(point, b))) / area;
  const v = dot(n, cross(subtract(a, c), subtract(point, c))) / area;
  return [u, v, 1 - u - v];
}

export function smoothNormalAt(mesh: Mesh, triangle: number, point: Vec3): Vec3 {
  const corner = (k: number) => meshPoint(mesh, mesh.indices[triangle * 3 + k]!);
  const weights = barycentric(point, corner(0), corner(1), corner(2));
  const normals = smoothNormalsOf(mesh);
  let sum: Vec3 = [0, 0, 0];
  for (let k = 0; k < 3; k++) {
    const at = triangle * 9 + k * 3;
    sum = addScaled(sum, [normals[at]!, normals[at + 1]!, normals[at + 2]!], weights[k as 0 | 1 | 2]);
  }
  return normalize(sum);
}

/** First point of the mesh along a ray from outside, or null where the ray misses. Mesh frame. */
export function surfacePoint(mesh: Mesh, from: Vec3, toward: Vec3): SurfacePoint | null {
  const direction = normalize(toward);
  const hit = castRay(mesh, from, direction);
  if (!hit) return null;
  const point = addScaled(from, direction, hit.distanceM);
  const normal = smoothNormalAt(mesh, hit.triangle, point);
  return { point, normal: dot(normal, direction) > 0 ? scale(normal, -1) : normal };
}
