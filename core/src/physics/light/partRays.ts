import { sameFor } from '../../mathematics/caching/sameFor';
import { bvhOf, castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';

interface Placed {
  readonly part: PosedPart;
  readonly partFromWorld: Pose;
  readonly centre: Vec3;
  readonly radius2: number;
}

/** Middle, and square of the radius, of the ball that a part lies in: round the box of its tree of boxes. */
export function ballOfPart({ mesh, worldFromPart }: PosedPart): { readonly centre: Vec3; readonly radius2: number } {
  const [x0, y0, z0, x1, y1, z1] = bvhOf(mesh).boxes as unknown as number[];
  const middle: Vec3 = [(x0! + x1!) / 2, (y0! + y1!) / 2, (z0! + z1!) / 2];
  return {
    centre: transformPoint(worldFromPart, middle),
    radius2: ((x1! - x0!) ** 2 + (y1! - y0!) ** 2 + (z1! - z0!) ** 2) / 4,
  };
}

const placed = (part: PosedPart): Placed => ({
  part,
  partFromWorld: invert(part.worldFromPart),
  ...ballOfPart(part),
});

/** Where a ray comes to a part. */
export interface PartHit {
  readonly part: PosedPart;
  readonly distanceM: number;
  readonly triangle: number;
}

/** Rays one by one against parts that stand somewhere, glass and all. */
interface PartRays {
  /** The first part that is found along a ray, not the nearest; null = none. */
  readonly any: (point: Vec3, direction: Vec3) => PosedPart | null;
  readonly nearest: (point: Vec3, direction: Vec3, limitM?: number) => PartHit | null;
}

/** Made once for a list of parts. */
export const partRays = sameFor(raysOf);

function raysOf(parts: readonly PosedPart[]): PartRays {
  const all = parts.map(placed);
  const passes = ({ centre, radius2 }: Placed, point: Vec3, direction: Vec3): boolean => {
    const x = centre[0] - point[0];
    const y = centre[1] - point[1];
    const z = centre[2] - point[2];
    const away2 = x * x + y * y + z * z;
    const along = x * direction[0] + y * direction[1] + z * direction[2];
    return away2 > radius2 && (along < 0 || away2 - along * along > radius2);
  };
  const hit = ({ part, partFromWorld }: Placed, point: Vec3, direction: Vec3, limitM?: number) =>
    castRay(part.mesh, transformPoint(partFromWorld, point), transformDirection(partFromWorld, direction), limitM);
  return {
    any: (point, direction) =>
      all.find((one) => !passes(one, point, direction) && hit(one, point, direction) !== null)?.part ?? null,
    nearest(point, direction, limitM = Infinity) {
      let best: PartHit | null = null;
      for (const one of all) {
        if (passes(one, point, direction)) continue;
        const found = hit(one, point, direction, best?.distanceM ?? limitM);
        if (found) best = { part: one.part, ...found };
      }
      return best;
    },
  };
}

/** Of parts those that cannot be seen through; the same list for the same parts. */
export const solidOf = sameFor((parts: readonly PosedPart[]): readonly PosedPart[] =>
  parts.filter((part) => !part.seeThrough),
);

/** What stands between points and the sun, glass left out. Null = nothing. */
export const shading = (parts: readonly PosedPart[]): PartRays['any'] => partRays(solidOf(parts)).any;
