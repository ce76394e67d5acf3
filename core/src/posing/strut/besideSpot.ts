import { compose, invert, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationFromAxes } from '../../mathematics/geometry/rotation';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { cross, distance, perpendicularTo, scale } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { BaseDefinition } from '../../words/kit/base';
import type { LinkDefinition } from '../../words/kit/link';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { FurtherArm } from '../../words/setUp/setUp';
import { poseRig } from '../rig/poseRig';
import type { PlacedSpot } from '../rig/spots';

/** A further arm of a set-up with its pieces, and where its base stands. */
export interface ResolvedArm {
  readonly use: FurtherArm;
  readonly base: BaseDefinition;
  readonly link: LinkDefinition;
  /** Its base's frame in that of the spot: origin on the surface, +y its outward normal; null where there is no surface. */
  readonly spotFromBase: Pose | null;
}

/** The surface is looked for from so far over the spot's own plane, and so far below it: a bonnet falls away. Metres. */
const LOOKED_FOR_M = 0.2;

/** The frame of a base that stands beside a spot on the same part; null where nothing is there to stand on. */
export function besideSpot(
  rig: RigSpec,
  { spot, partFromSpot }: Pick<PlacedSpot, 'spot' | 'partFromSpot'>,
  { alongM, acrossM }: Pick<FurtherArm, 'alongM' | 'acrossM'>,
): Pose | null {
  const part = poseRig(rig, SET_UP_STANCE_ID).byId.get(spot.partId)!;
  const normal = rotate(partFromSpot.rotation, [0, 1, 0]);
  const above = transformPoint(partFromSpot, [alongM, LOOKED_FOR_M, acrossM]);
  const found = surfacePoint(part.mesh, above, scale(normal, -1));
  if (!found || distance(found.point, above) > 2 * LOOKED_FOR_M) return null;
  const x = perpendicularTo(found.normal, rotate(partFromSpot.rotation, [1, 0, 0]));
  const partFromBase = poseAt(found.point, rotationFromAxes(x, found.normal, cross(x, found.normal)));
  return compose(invert(partFromSpot), partFromBase);
}
