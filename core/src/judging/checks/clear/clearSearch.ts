import { nearestMoving, nearestMovingTo } from './nearestMoving';
import { levelEyes } from '../../../physics/clearance/sight';
import { strikeInStances } from '../../../physics/clearance/strikes';
import { turningNear } from '../../../physics/clearance/turningNear';
import { noTetherWithinM } from '../../../physics/holding/tether/tether';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { chainJoints, poseStrut } from '../../../posing/strut/kinematics';
import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { clamp, toDeg } from '../../../mathematics/units/angle';
import type { CarrierScene } from '../../../posing/scene/carrierScene';
import type { Rejection } from '../candidate';
import type { ResolvedSetUp } from '../../../posing/strut/resolveSetUp';
import type { SearchCheck } from '../searchCheck';
import { ABOVE_HEAD_M, DRIVERS, NEAR_M, SIGHT, STRIKES_M } from './clearCheck';

/** Solid angle of the middle of the field of view, 40° square. */
const MIDDLE_SR = (40 * Math.PI) ** 2 / 180 ** 2;
const MIDDLE_DEG = 20;

/** Whether something that moves comes at the lens, and whether the camera stands before the eyes; from what is already cast. */
export const clearSearch: SearchCheck = {
  check: 'clear',
  cost: 'cheap',
  atPlace({ carrier: { rig }, resolved }) {
    const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
    const { worldFromSpot, worldFromBody } = poseStrut(resolved, setUpRig, setUpRig);
    const points = [
      ...chainJoints(resolved).map((joint) => transformPoint(worldFromSpot, joint)),
      worldFromBody.position,
    ];
    const within = noTetherWithinM(Math.max(...resolved.camera.bodyM));
    const near = turningNear(rig, setUpRig, resolved.placed.spot.partId, points, within);
    return (
      near && {
        check: 'clear',
        because: `the ${near.partName} turns close by: no tether is short enough, it would be wound up`,
        mend: 'another place, away from what turns',
      }
    );
  },
  judge({ carrier, resolved, pose, sightlines, exact }) {
    const near = exact
      ? nearestMovingTo(sightlines.scene, resolved)
      : nearestMoving(sightlines, resolved.placed.spot.partId);
    if (near && near.distanceM < STRIKES_M + Math.min(...resolved.camera.bodyM) / 2) {
      return {
        stop: {
          check: 'clear',
          because: `${near.partName} comes at the lens in ${near.stanceName.toLowerCase()}`,
          mend: 'another place, or farther out',
        },
        terms: [],
      };
    }
    const struck = exact ? null : strikeIn(sightlines.scene, resolved);
    if (struck) return { stop: struck, terms: [] };
    const action = sightlines.scene.ridden[0]!.rig;
    const { family } = resolveRig(carrier.rig).machine;
    let hidden = 0;
    if (action.eyes) {
      const at = transformPoint(invert(levelEyes(action.eyes, action.worldFromMachine)), pose.worldFromBody.position);
      const away = Math.hypot(...at);
      const [, height, width] = resolved.camera.bodyM;
      const inMiddle =
        at[0] > 0 &&
        Math.abs(toDeg(Math.atan2(at[1], at[0]))) < MIDDLE_DEG &&
        Math.abs(toDeg(Math.atan2(at[2], at[0]))) < MIDDLE_DEG;
      hidden = inMiddle ? (height * width) / Math.max(away, 0.1) ** 2 / MIDDLE_SR : 0;
    }
    const bears = DRIVERS.includes(family) ? SIGHT.driver : SIGHT.rider;
    if (hidden > bears.stop) {
      return {
        stop: {
          check: 'clear',
          because: `it hides about ${Math.round(hidden * 100)} % of the middle of the field of view`,
          mend: 'out of the middle of the field of view',
        },
        terms: [],
      };
    }
    const top = Math.max(
      ...action.parts.filter((p) => /^(head|helmet)/.test(p.id)).map((p) => p.worldFromPart.position[1]),
    );
    const above = Number.isFinite(top) ? Math.max(0, pose.worldFromCamera.position[1] - top - 0.12 - ABOVE_HEAD_M) : 0;
    const room = near ? clamp((near.distanceM - NEAR_M) / 0.15, 0, 1) : 1;
    return {
      stop: null,
      terms: [
        {
          id: 'clear',
          value: 0.5 * room + 0.3 * (1 - clamp(hidden / bears.stop, 0, 1)) + 0.2 * (1 - clamp(above / 0.5, 0, 1)),
          text: near
            ? `${near.partName} comes within ${Math.round(near.distanceM * 100)} cm of the lens`
            : 'nothing that moves comes near',
        },
      ],
    };
  },
};

/** Whether the arm or the body, not the lens alone, is met in a stance. The full check finds it by itself. */
function strikeIn({ setUpRig, ridden }: CarrierScene, resolved: ResolvedSetUp): Rejection | null {
  const stances = ridden.map(({ stance, rig }) => ({ name: stance.name, rig }));
  const struck = strikeInStances(resolved, setUpRig, stances, STRIKES_M);
  return (
    struck && {
      check: 'clear',
      because: `${struck.partName} strikes camera or strut in ${struck.stanceName.toLowerCase()}`,
      mend: 'another place, a shorter strut or another turn of it',
    }
  );
}
