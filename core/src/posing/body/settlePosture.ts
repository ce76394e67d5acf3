import { add, type Vec3 } from '../../mathematics/geometry/vec3';
import { poseBody } from './posture';
import type { Posture } from '../../words/carrier/posture';
import type { BodySegments } from '../../words/carrier/bodySegments';

/** How far a rider gives way so that hands and feet reach: lean, and with each step of it the hips. Estimate: 25° (20 to 30), 14 cm. */
const GIVE = { leanDeg: 25 } as const;
const STEP = { leanDeg: 2.5, hipM: 0.014 } as const;

/**
 * The posture as a rider of this size takes it up: where a hand does not reach, the torso leans on and the hips come
 * forward; where a foot does not, the hips come down. Stops at what a body gives; what is still missing stays a problem.
 * @param ahead unit vector, world: which way the hips come forward
 * @param hipsFree false when sitting
 */
export function settlePosture(body: BodySegments, posture: Posture, ahead: Vec3, hipsFree: boolean): Posture {
  let settled = posture;
  const steps = GIVE.leanDeg / STEP.leanDeg;
  for (let step = 0; step < steps; step++) {
    const { problems } = poseBody(body, settled);
    if (problems.length === 0) break;
    const hand = problems.some((p) => p.limb.endsWith('hand'));
    const foot = problems.some((p) => p.limb.endsWith('foot'));
    const shift: Vec3 = hipsFree
      ? [
          (hand ? STEP.hipM : 0) * ahead[0],
          (hand ? STEP.hipM * ahead[1] : 0) - (foot ? STEP.hipM : 0),
          (hand ? STEP.hipM : 0) * ahead[2],
        ]
      : [0, 0, 0];
    settled = {
      ...settled,
      hipCentre: add(settled.hipCentre, shift),
      leanDeg: settled.leanDeg + (hand ? STEP.leanDeg : 0),
    };
  }
  return settled;
}
