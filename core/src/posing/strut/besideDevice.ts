import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { poseAt } from '../../mathematics/geometry/pose';
import { ORIGIN, type Vec3 } from '../../mathematics/geometry/vec3';
import type { ResolvedSetUp } from './resolvedSetUp';

/** What a lamp, a ride computer or a phone beside the camera may weigh, kilograms. */
export const BESIDE_KG = { low: 0.01, high: 0.6 };

/** Edges of a device of 100 g across, outward and along the bar, metres; others keep its shape (estimate, 1.2 g/cm³). */
const DEVICE_M: Vec3 = [0.022, 0.062, 0.062];
const OF_KG = 0.1;
const edgesOf = (massKg: number): Vec3 => {
  const size = Math.cbrt(massKg / OF_KG);
  return [DEVICE_M[0] * size, DEVICE_M[1] * size, DEVICE_M[2] * size];
};

/** Mass of what else is on the base, kilograms; 0 where there is nothing, or no room for it. */
export const besideKg = ({ base, setUp }: Pick<ResolvedSetUp, 'base' | 'setUp'>): number =>
  base.besideAt ? (setUp.besideKg ?? 0) : 0;

/** What it sets against the wind, square metres. */
export function besideAreaM2(massKg: number): number {
  const [, out, along] = edgesOf(massKg);
  return out * along;
}

/** Where its middle is in the frame of the spot: on the side that the camera's body leaves free. */
export function besideAt({ base, setUp }: Pick<ResolvedSetUp, 'base' | 'setUp'>): Vec3 {
  const [along, out, across] = base.besideAt ?? ORIGIN;
  return [setUp.mounting === 'inverted' ? -along : along, out, across];
}

/** It as a block in the frame of the spot. */
export function besideMesh(resolved: Pick<ResolvedSetUp, 'base' | 'setUp'>): readonly Mesh[] {
  const massKg = besideKg(resolved);
  return massKg > 0 ? [roundedBox(edgesOf(massKg), 0.004, poseAt(besideAt(resolved)))] : [];
}
