import type { Mesh } from '../../../mathematics/geometry/mesh';
import type { Pose } from '../../../mathematics/geometry/pose';
import { length, scale, subtract, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { Ground } from '../../../words/carrier/land';

// Taken out of Math once: some hosts look the global up at every use.
const { hypot, max, sign, sqrt } = Math;

export type Rgb = readonly [number, number, number];

/** One piece of scenery: in the picture only, never in the shares. */
export interface Scenery {
  readonly mesh: Mesh;
  readonly colour: Rgb;
  readonly worldFromPart: Pose;
}

/** A place beside the course: along it and to its right, metres. */
export type Beside = readonly [x: number, z: number];

/** Nearer to the middle of the course than this one is on it, metres. */
const ON_COURSE_M = 1.8;
/** Nobody stands with a tree between them and the course: so far to both sides, and so far behind them nothing grows, metres. */
const OPEN = { sideM: 7, behindM: 2 } as const;

/** Where a lens stands beside the course, to the half metre; null on it. Land's own plane. */
export const besideCourse = ([x, , z]: Vec3): Beside | null =>
  Math.abs(z) < ON_COURSE_M ? null : [Math.round(x * 2) / 2, Math.round(z * 2) / 2];

/** Whether what grows at a place would hide the course from whoever films beside it. */
export const hides = (from: Beside | null, x: number, z: number): boolean =>
  from !== null &&
  Math.abs(x - from[0]) < OPEN.sideM &&
  z * sign(from[1]) > 0 &&
  Math.abs(z) < Math.abs(from[1]) + OPEN.behindM;

/** What stands in a land, and how far it is seen; its colours are in ../colours. */
export interface World {
  /** @param from where somebody films from beside the course; null = on it */
  readonly scenery: (ground: Ground, from: Beside | null) => readonly Scenery[];
  /** Height of the hills on the skyline. */
  readonly hills: number;
  /** As far as it is drawn in detail. */
  readonly nearM: number;
  /** Distance at which air takes 63 % of a colour. */
  readonly hazeM: number;
}

/** Towards the sun where nobody knows how it stands: from ahead on the left, 38° high; for shading only. */
export const SUN: Vec3 = scale([0.42, 0.62, -0.66], 1 / hypot(0.42, 0.62, -0.66));

/** The point of the ground over or under (x, z). */
export function onGround(ground: Ground, x: number, z: number): Vec3 {
  const [nx, ny, nz] = ground.normal;
  const [px, py, pz] = ground.point;
  return [x, py - (nx * (x - px) + nz * (z - pz)) / ny, z];
}

/** Coordinates of a ground point in the land's plane: along the course and to its right. */
export function landCoordinates(ground: Ground, point: Vec3): [number, number] {
  const from = subtract(point, ground.point);
  const [ax, , az] = ground.ahead;
  const flat = hypot(ax, az) || 1;
  const across = (from[2] * ax - from[0] * az) / flat;
  const ahead = (from[0] * ax + from[2] * az) / flat;
  return [sign(ahead) * sqrt(max(0, length(from) ** 2 - across ** 2)), across];
}
