import { castRay } from '../../mathematics/geometry/bvh';
import { inverseOf, invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { toRad } from '../../mathematics/units/angle';
import type { PosedPart } from '../../words/carrier/posedPart';

/** How its wearer knows that it is still there and running. */
export interface Noticed {
  /** Share of the points on it that the eyes can see with a turn of the head. */
  readonly seenShare: number;
  /** From the middle of the head, metres. */
  readonly fromHeadM: number;
}

/** A beep is heard over the wind up to about here. Common practice: on the helmet yes, on the bars no. */
export const HEARD_WITHIN_M = 0.35;
/** Farther than this from straight ahead nobody looks under way, the head turned or held still. Common practice. */
const LOOK_DEG = { turned: 100, still: 60 } as const;

/**
 * @param eyes looking level ahead @param headTurns whether a turn of the head brings it into view: not what sits on the head itself
 * @param hiding what stands between, without camera and strut; glass left out
 */
export function noticed(
  eyes: Pose,
  head: Vec3,
  points: readonly Vec3[],
  hiding: readonly PosedPart[],
  headTurns: boolean,
): Noticed {
  const parts = hiding.map(({ mesh, worldFromPart }) => {
    const partFromWorld = inverseOf(worldFromPart);
    return { mesh, partFromWorld, origin: transformPoint(partFromWorld, eyes.position) };
  });
  const eyesFromWorld = invert(eyes);
  const least = Math.cos(toRad(headTurns ? LOOK_DEG.turned : LOOK_DEG.still));
  let seen = 0;
  for (const point of points) {
    const away = distance(point, eyes.position);
    if (transformPoint(eyesFromWorld, point)[0] / away < least) continue;
    const direction = scale(subtract(point, eyes.position), 1 / away);
    const open = parts.every(
      ({ mesh, partFromWorld, origin }) =>
        castRay(mesh, origin, transformDirection(partFromWorld, direction), away - 0.002) === null,
    );
    if (open) seen++;
  }
  return { seenShare: seen / points.length, fromHeadM: Math.min(...points.map((p) => distance(p, head))) };
}
