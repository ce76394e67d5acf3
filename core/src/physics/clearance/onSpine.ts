import { invert, transformDirection } from '../../mathematics/geometry/pose';
import { UP } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../../posing/rig/poseRig';
import { spotZone } from '../../posing/rig/spotZone';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { RigSpec } from '../../words/rig/rigSpec';

/** Facing so far to the back it lies on the spine, not beside it: cosine. */
const FACES_BACK = 0.6;

/** Whether it is worn on the back, where a fall backward puts it under the spine. @param posed the stance of the pose */
export function onSpine(
  rig: RigSpec,
  { placed }: ResolvedSetUp,
  { worldFromSpot }: StrutPose,
  posed: PosedRig,
): boolean {
  const ribcage = posed.byId.get('ribcage');
  if (!ribcage || spotZone(rig, placed.spot) !== 'chest') return false;
  const [ahead] = transformDirection(invert(ribcage.worldFromPart), transformDirection(worldFromSpot, UP));
  return ahead < -FACES_BACK;
}
