import { normalize, type Vec3 } from './vec3';

/** Even directions over the sphere: corners, edges and faces of a cube. */
export const DIRECTIONS: readonly Vec3[] = [-1, 0, 1].flatMap((x) =>
  [-1, 0, 1].flatMap((y) => [-1, 0, 1].flatMap((z): Vec3[] => (x || y || z ? [normalize([x, y, z])] : []))),
);
