import { toRad } from '../../mathematics/units/angle';
import { rotate, type Rotation } from '../../mathematics/geometry/rotation';
import { add, AHEAD, dot, length, scale, type Vec3 } from '../../mathematics/geometry/vec3';
import type { RayGrid } from '../../mathematics/lens/rayGrid';

/** All directions within an angle of an axis, a unit vector. */
export interface ViewCone {
  readonly axis: Vec3;
  /** Radians, 0 to π: π is all round. */
  readonly halfRad: number;
}

export const ALL_ROUND: ViewCone = { axis: AHEAD, halfRad: Math.PI };

/** From where on nothing much is left out. */
const NEARLY_ALL_RAD = toRad(140);

const halves = new WeakMap<RayGrid, number>();

/** Widest angle of a picture's rays from its middle, radians. */
function halfOf(grid: RayGrid): number {
  const known = halves.get(grid);
  if (known !== undefined) return known;
  const { directions } = grid;
  let least = 1;
  // Rays without an image are no numbers, and less than nothing.
  for (let i = 0; i < directions.length; i += 3) if (directions[i]! < least) least = directions[i]!;
  const half = Math.acos(Math.max(-1, least));
  halves.set(grid, half);
  return half;
}

/** Where a picture looks, in the frame to which the rotation takes the camera's. */
export const coneOf = (grid: RayGrid, fromCamera: Rotation): ViewCone => ({
  axis: [fromCamera[0], fromCamera[3], fromCamera[6]],
  halfRad: halfOf(grid),
});

const angleBetween = (a: Vec3, b: Vec3): number => Math.acos(Math.max(-1, Math.min(1, dot(a, b))));

export const turned = (rotation: Rotation, { axis, halfRad }: ViewCone): ViewCone => ({
  axis: rotate(rotation, axis),
  halfRad,
});

/** Wider all round by so much. */
export const widened = ({ axis, halfRad }: ViewCone, byRad: number): ViewCone =>
  halfRad + byRad > NEARLY_ALL_RAD ? ALL_ROUND : { axis, halfRad: halfRad + byRad };

export const holdsCone = (whole: ViewCone, part: ViewCone): boolean =>
  whole.halfRad >= Math.PI || angleBetween(whole.axis, part.axis) + part.halfRad <= whole.halfRad;

/** A cone that holds them all, about the mean of their axes. */
export function coneRound(cones: readonly ViewCone[]): ViewCone {
  const sum = cones.reduce<Vec3>((all, { axis }) => add(all, axis), [0, 0, 0]);
  const size = length(sum);
  // They point all ways, or there is none.
  if (size < 0.05 * cones.length || size === 0) return ALL_ROUND;
  const axis = scale(sum, 1 / size);
  return { axis, halfRad: Math.max(...cones.map((cone) => angleBetween(axis, cone.axis) + cone.halfRad)) };
}
