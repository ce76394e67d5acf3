import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { AHEAD, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';
import { patchesOf, type Patches } from './patches';
import type { RayBins } from './rayBins';

/** First hits, one entry a ray. */
export interface Hits {
  /** Index into the parts; left as it was where nothing is hit. */
  readonly part: Int16Array;
  /** Metres along the ray; Infinity before the first hit. */
  readonly distanceM: Float64Array;
  readonly triangle: Int32Array;
}

/** Whether a ball lies outside the cone of all rays. @param x along the cone's axis @param square of its distance from the tip */
export function outOfSight(x: number, square: number, radiusM: number, leastCos: number, leastSin: number): boolean {
  if (leastCos <= -1 || square <= radiusM * radiusM) return false;
  return Math.sqrt(Math.max(0, square - x * x)) * leastCos - x * leastSin > radiusM;
}

/** Sine of the widest angle from the cone's axis. */
export const leastSinOf = ({ leastCos }: Pick<RayBins, 'leastCos'>): number =>
  Math.sqrt(Math.max(0, 1 - leastCos * leastCos));

/** Where rays go, as the lens sees it: about an axis, to a widest angle from it. */
export interface RayCone {
  readonly axis: Vec3;
  readonly leastCos: number;
}

/** All of some rays: about the lens axis. */
export const coneOfRays = ({ leastCos }: Pick<RayBins, 'leastCos'>): RayCone => ({ axis: AHEAD, leastCos });

/** Goes through the parts that any ray may meet, as the lens sees them. @param take false = no more */
export function partsInSight(
  parts: readonly PosedPart[],
  worldFromLens: Pose,
  { axis: [ax, ay, az], leastCos }: RayCone,
  take: (index: number, patches: Patches, lensFromPart: Pose) => boolean | void,
): void {
  const leastSin = leastSinOf({ leastCos });
  const lensFromWorld = invert(worldFromLens);
  for (let index = 0; index < parts.length; index++) {
    const { mesh, worldFromPart } = parts[index]!;
    const patches = patchesOf(mesh);
    const lensFromPart = compose(lensFromWorld, worldFromPart);
    const [x, y, z] = transformPoint(lensFromPart, patches.centre);
    const along = ax * x + ay * y + az * z;
    if (outOfSight(along, x * x + y * y + z * z, patches.radiusM, leastCos, leastSin)) continue;
    if (take(index, patches, lensFromPart) === false) return;
  }
}
