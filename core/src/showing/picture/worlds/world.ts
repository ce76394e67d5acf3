import type { Mesh } from '../../../mathematics/geometry/mesh';
import type { Pose } from '../../../mathematics/geometry/pose';
import { dot, length, scale, subtract, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { Ground } from '../../../words/carrier/land';
import { noise2 } from './noise';

// Taken out of Math once: some hosts look the global up at every use.
const { abs, atan2, cos, exp, hypot, log, max, min, sign, sin, sqrt } = Math;

export type Rgb = readonly [number, number, number];

/** One piece of scenery: in the picture only, never in the shares. */
export interface Scenery {
  readonly mesh: Mesh;
  readonly colour: Rgb;
  readonly worldFromPart: Pose;
}

/** What a land looks like. Coordinates in its own plane: x along the travel, z to the right, metres. */
export interface World {
  readonly colour: (x: number, z: number, distanceM: number) => Rgb;
  readonly scenery: (ground: Ground) => readonly Scenery[];
  /** Beyond `nearM`. */
  readonly far: (direction: Vec3) => Rgb;
  /** Height of the hills on the skyline. */
  readonly hills: number;
  readonly nearM: number;
  readonly hazeM: number;
}

export const blend = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

const HAZE: Rgb = [205, 214, 210];

/** Level country beyond what is drawn in detail, in two colours, hazier toward the horizon. */
export function farLand(direction: Vec3, one: Rgb, other: Rgb): Rgb {
  const down = min(1, max(0, -direction[1] * 5));
  const azimuth = atan2(direction[2], direction[0]);
  const fields = noise2(cos(azimuth) * 15 + sin(azimuth) * 9, log(max(1e-3, -direction[1])) * 3.2, 21);
  return blend(HAZE, blend(one, other, fields), 0.25 + 0.6 * down);
}

/** @param hazeM distance at which 63 % of the colour is lost */
export const hazeAt = (colour: Rgb, distanceM: number, hazeM: number): Rgb =>
  blend(colour, HAZE, 1 - exp(-distanceM / hazeM));

/** Towards the sun where nobody knows how it stands: from ahead on the left, 38° high; for shading only. */
export const SUN: Vec3 = scale([0.42, 0.62, -0.66], 1 / hypot(0.42, 0.62, -0.66));

/** @param hills height of the hills on the skyline, 1 = as in the forest, 0 = open */
/** @param toSun null = behind clouds */
export function skyColour(direction: Vec3, hills: number, toSun: Vec3 | null = SUN): Rgb {
  const up = max(0, direction[1]);
  const azimuth = atan2(direction[2], direction[0]);
  if (!toSun) {
    const hill = hills * hillHeight(azimuth);
    if (direction[1] < hill) return blend([166, 174, 172], [186, 192, 192], direction[1] / hill);
    const [cx, cz] = [cos(azimuth), sin(azimuth)];
    const bank = noise2(cx * 2.4 + up * 7, cz * 2.4 - up * 6, 31);
    return blend(blend([222, 224, 222], [186, 192, 196], min(1, up * 1.4)), [170, 176, 182], 0.5 * max(0, bank - 0.4));
  }
  // Low it warms the sky's edge, and once it is down all of it grows dark.
  const low = max(0, 1 - max(0, toSun[1]) / 0.18);
  const night = min(1, max(0, -toSun[1]) / 0.2);
  const edge = blend([232, 236, 230], [246, 206, 160], low * max(0, 0.5 + 0.5 * dot(direction, toSun)));
  const day = blend(edge, [168, 194, 206], min(1, up * 1.5) ** 0.8);
  const base = blend(day, [38, 48, 72], night * 0.85);
  const sun = dot(direction, toSun);
  if (sun > 0.9988 && direction[1] > hills * hillHeight(azimuth)) return [255, 250, 228];
  const glow = max(0, sun) ** 60 * 0.55;
  // Over the round of the sky, so that there is no seam behind.
  const [cx, cz] = [cos(azimuth), sin(azimuth)];
  const bank =
    noise2(cx * 2.4 + up * 7, cz * 2.4 - up * 6, 31) * 0.65 + noise2(cx * 6 + up * 15, cz * 6 + up * 14, 32) * 0.35;
  const cloud = max(0, bank - 0.56) * 2;
  const hill = hills * hillHeight(azimuth);
  if (direction[1] < hill)
    return blend(blend([176, 188, 184], [196, 206, 200], direction[1] / hill), [24, 30, 40], night * 0.85);
  const lit = blend([248, 247, 240], [58, 66, 86], night * 0.9);
  return blend(blend(base, lit, min(0.8, cloud * (1 - up))), [255, 246, 222], glow);
}

/** Sine of the hills' height over the horizon; the way ahead and behind is left open to the sea. */
function hillHeight(azimuth: number): number {
  const open = min(1, max(0, (abs(sin(azimuth)) - 0.34) * 3));
  return open * (0.015 + 0.05 * noise2(azimuth * 4.3, 0, 41) + 0.012 * noise2(azimuth * 17, 0, 42));
}

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
