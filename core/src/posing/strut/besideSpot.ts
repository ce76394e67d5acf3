import { compose, invert, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationFromAxes } from '../../mathematics/geometry/rotation';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { cross, distance, perpendicularTo, scale } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { FurtherArm } from '../../words/setUp/setUp';
import { movesWith } from '../rig/movesWith';
import { poseRig } from '../rig/poseRig';
import { placedSpot, worldFromSpot, type PlacedSpot } from '../rig/spots';
import type { ArmFoot } from './resolvedSetUp';

const NO_SURFACE = 'there is no surface there: nearer to the spot, or to another side of it';

/** The surface is looked for from so far over the spot's own plane, and so far below it: a bonnet falls away. Metres. */
const LOOKED_FOR_M = 0.2;

/** Where a base stands beside the spot of a set-up, or by another one that moves with it. */
export function besideSpot(
  rig: RigSpec,
  placed: PlacedSpot,
  { spotId, alongM, acrossM }: Pick<FurtherArm, 'spotId' | 'alongM' | 'acrossM'>,
): ArmFoot {
  if (spotId === undefined) {
    const spotFromBase = beside(rig, placed, alongM, acrossM);
    return spotFromBase ? { spotFromBase, surface: placed.spot.surface } : { lost: NO_SURFACE };
  }
  const other = placedSpot(rig, spotId);
  if (!other) return { lost: 'the spot that it stood by is not on this carrier now' };
  const [here, there] = [placed.spot.partId, other.spot.partId];
  if (!movesWith(rig, here, there)) {
    const { byId } = poseRig(rig, SET_UP_STANCE_ID);
    return {
      lost: `the ${byId.get(there)!.name} and the ${byId.get(here)!.name} move against each other: arms from both would tear at the camera`,
    };
  }
  const otherFromBase = beside(rig, other, alongM, acrossM);
  if (!otherFromBase) return { lost: NO_SURFACE };
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const fromOther = compose(invert(worldFromSpot(posed, placed)), worldFromSpot(posed, other));
  return { spotFromBase: compose(fromOther, otherFromBase), surface: other.spot.surface };
}

/** The frame of a base that stands beside a spot on the same part, in that of the spot; null where nothing is there to stand on. */
function beside(
  rig: RigSpec,
  { spot, partFromSpot }: Pick<PlacedSpot, 'spot' | 'partFromSpot'>,
  alongM: number,
  acrossM: number,
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
