import { castRay } from './bvh';
import type { Mesh } from './mesh';
import { addScaled, cross, dot, normalize, RIGHT, scale, UP, type Vec3 } from './vec3';

/** What a mesh is like round a point of its surface. */
export interface SurfacePatch {
  /** Area that lies within EVEN_M of the plane there, square metres; looked for as far as REACH_M. */
  readonly evenAreaM2: number;
  /** Radii of the strongest and of the weakest bend, metres; Infinity = even, negative = hollow. */
  readonly radiiM: readonly [number, number];
  /** To the other side of the wall, straight inward, metres; null = nothing is met within WALL_TO_M. */
  readonly wallM: number | null;
}

/** So far off a plane a pad still lies on it, metres. Estimate 0.001 to 0.002. */
const EVEN_M = 0.0015;
/** Bases are no larger than this, metres from their middle. */
const REACH_M = 0.12;
const STEP_M = 0.004;
const DIRECTIONS = 16;
/** How far to both sides bends are measured over, metres: the nearer, the finer, and the more the mesh's own facets show. */
const BENT_OVER_M = [0.03, 0.02, 0.012, 0.007, 0.004, 0.002] as const;
/** Farther than that a bend is none, metres. */
const STRAIGHT_M = 5;
/** From so far off rays look back at the surface, metres. */
const ABOVE_M = 0.02;
/** A wall is no thicker, metres. */
const WALL_TO_M = 0.06;
const SKIN_M = 2e-4;

/**
 * Even area, bends and wall of a mesh round a point, by rays along its normal: heights over the tangent plane in sixteen directions; a bend over
 * ±d is 2κ = (h(d) + h(−d))/d². Mesh frame. @param normal outward, of any length
 */
export function surfacePatch(mesh: Mesh, point: Vec3, normal: Vec3): SurfacePatch {
  const out = normalize(normal);
  const u = normalize(cross(Math.abs(dot(out, UP)) < 0.9 ? UP : RIGHT, out));
  const v = cross(out, u);
  const inward = scale(out, -1);
  /** Height over the tangent plane at a place on it; null beyond the edge. */
  const height = (along: number, across: number): number | null => {
    const over = addScaled(addScaled(addScaled(point, u, along), v, across), out, ABOVE_M);
    const hit = castRay(mesh, over, inward, 2 * ABOVE_M);
    return hit ? ABOVE_M - hit.distanceM : null;
  };
  const turn = (i: number) =>
    [Math.cos((2 * Math.PI * i) / DIRECTIONS), Math.sin((2 * Math.PI * i) / DIRECTIONS)] as const;
  const reach = (i: number): number => {
    const [c, s] = turn(i);
    for (let r = STEP_M; r <= REACH_M; r += STEP_M) {
      const h = height(c * r, s * r);
      if (h === null || Math.abs(h) > EVEN_M) return r - STEP_M;
    }
    return REACH_M;
  };
  const reaches = Array.from({ length: DIRECTIONS }, (_, i) => reach(i));
  const evenAreaM2 = reaches.reduce(
    (sum, r, i) => sum + (r * reaches[(i + 1) % DIRECTIONS]! * Math.sin((2 * Math.PI) / DIRECTIONS)) / 2,
    0,
  );
  const bends = Array.from({ length: DIRECTIONS / 2 }, (_, i) => bendIn(height, turn(i)));
  const strongest = bends.reduce((most, bend) => (Math.abs(bend) > Math.abs(most) ? bend : most), 0);
  const weakest = bends.reduce((least, bend) => (Math.abs(bend) < Math.abs(least) ? bend : least), Infinity);
  const inside = castRay(mesh, addScaled(point, out, -SKIN_M), inward, WALL_TO_M);
  return {
    evenAreaM2,
    radiiM: [radiusOf(strongest), radiusOf(weakest)],
    wallM: inside ? inside.distanceM + SKIN_M : null,
  };
}

/** Curvature along one direction, 1/m, positive where it bulges: the weaker of the two widest reaches that stay on the surface, as an edge is no bend. */
function bendIn(height: (along: number, across: number) => number | null, [c, s]: readonly [number, number]): number {
  const bends = BENT_OVER_M.flatMap((d) => {
    const [ahead, back] = [height(c * d, s * d), height(-c * d, -s * d)];
    if (ahead === null || back === null) return [];
    // On a circle the drop is r − √(r² − d²): r = (d² + h²)/2h, whatever the bend.
    const drop = -(ahead + back) / 2;
    return [(2 * drop) / (d * d + drop * drop)];
  }).slice(0, 2);
  if (bends.length > 0) return bends.reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a));
  // Beyond the edge on both sides: as strong as the narrowest reach.
  return 1 / BENT_OVER_M[BENT_OVER_M.length - 1]!;
}

const radiusOf = (bend: number): number => (Math.abs(bend) * STRAIGHT_M < 1 ? Infinity : 1 / bend);
