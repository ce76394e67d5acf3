import { invert, transformPoint } from '../../mathematics/geometry/pose';
import { distance, type Vec3 } from '../../mathematics/geometry/vec3';
import { bodySegments } from '../../posing/body/segments';
import type { PosedRig } from '../../posing/rig/poseRig';
import { SIDES } from '../../words/carrier/posture';

/** No hand works a button on one's own back, however near: what lies there counts as out of reach. Common practice, no source. */
const BEHIND = 1.25;
/** Behind the spine, and no farther to the side than the trunk is wide, metres. */
const BEHIND_M = 0.06;
const TRUNK_HALF_M = 0.2;

/** From the nearer shoulder to a point over the length of that arm: within 1 it is reached; null where nobody is on board. */
export function armReach({ body, byId }: PosedRig, point: Vec3, statureM: number): number | null {
  if (!body) return null;
  const { upperArmM, forearmM, handM } = bodySegments(statureM);
  const far = Math.min(...SIDES.map((side) => distance(body.upperArm[side].position, point)));
  const ribsFromWorld = invert(byId.get('ribcage')!.worldFromPart);
  const [ahead, up, aside] = transformPoint(ribsFromWorld, point);
  // Above the shoulders a hand gets behind the head.
  const shouldersUp = transformPoint(ribsFromWorld, body.upperArm.left.position)[1];
  const behind = ahead < -BEHIND_M && Math.abs(aside) < TRUNK_HALF_M && up < shouldersUp;
  return Math.max(behind ? BEHIND : 0, far / (upperArmM + forearmM + handM));
}
