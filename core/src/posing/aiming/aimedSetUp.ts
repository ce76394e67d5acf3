import { kitWith, turningHead } from '../lookup/kit';
import type { IntentDefinition } from '../../words/shot/intent';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig, type PosedRig } from '../rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { worldFromSpot } from '../rig/spots';
import { resolveSetUp } from '../strut/resolveSetUp';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { clearOfSurface } from '../strut/surfaceGap';
import { turnedAfterwards } from '../strut/kinematics';
import { centredTiltDeg } from '../strut/gimbal';
import { solveAim, solveTiltForHorizon, stanceChange } from './solveAngles';
import { aimPoint } from './aimPoint';

/**
 * The same set-up with pan and tilt solved for what the intent asks in the action stance. The tilt is exact; what a joint that
 * holds in steps makes of it is said by nearestNotch. A camera that must be turned sideways gets a ball joint.
 * Where the body would cut into the surface a riser comes under it.
 * @param horizonAt wanted height of the sky line, fraction from the top; null for intents that aim at a part
 */
export function aimedSetUp(
  spec: RigSpec,
  setUp: SetUp,
  intent: IntentDefinition,
  actionStanceId: string,
  horizonAt: number | null,
): SetUp | null {
  const setUpRig = poseRig(spec, SET_UP_STANCE_ID);
  const actionRig = poseRig(spec, actionStanceId);
  if (intent.aim.kind === 'horizon') {
    const turned = { ...setUp, angles: { panDeg: intent.aim.panDeg, tiltDeg: 0, rollDeg: 0 } };
    const tiltDeg = solveTiltForHorizon(resolveSetUp(spec, turned), setUpRig, actionRig, horizonAt ?? 0.5);
    if (tiltDeg === null) return null;
    return centred(spec, { ...turned, angles: { ...turned.angles, tiltDeg } }, setUpRig, actionRig);
  }
  const resolved = resolveSetUp(spec, setUp);
  const on = actionRig.byId.get(resolved.placed.spot.partId);
  const target = aimPoint(spec, actionRig, intent.aim.at, worldFromSpot(actionRig, resolved.placed).position, on);
  if (!target) return null;
  const straight = solveAim(resolved, setUpRig, actionRig, target, intent.aim.heightFraction);
  const wantsSky = intent.wants.some(({ of, share }) => share[0] > 0 && of.groups?.join() === 'sky');
  const angles =
    wantsSky && on?.aloft
      ? withSky({ ...resolved, setUp: { ...setUp, angles: straight } }, setUpRig, actionRig)
      : straight;
  // A view out of a whole sphere needs no joint that turns.
  const byJoint = Math.abs(angles.panDeg) > 1 && !turnedAfterwards(resolved);
  const headId = byJoint ? turningHead(kitWith(spec.ownKit)).id : setUp.headId;
  return centred(spec, { ...setUp, headId, angles }, setUpRig, actionRig);
}

/** From so high a place what is wanted lies far below: the sky line comes in at this height of the picture at least, fraction from the top. Common practice, no source. */
const SKY_LINE_AT = 0.15;

/** As it is aimed, or tilted up until the sky line comes into the picture. */
function withSky(aimed: ResolvedSetUp, setUpRig: PosedRig, actionRig: PosedRig): SetUp['angles'] {
  const { angles } = aimed.setUp;
  const tiltDeg = solveTiltForHorizon(aimed, setUpRig, actionRig, SKY_LINE_AT);
  return tiltDeg === null || tiltDeg <= angles.tiltDeg ? angles : { ...angles, tiltDeg };
}

/** Clear of the surface, and a powered gimbal centred in the action stance. */
function centred(spec: RigSpec, setUp: SetUp, setUpRig: PosedRig, actionRig: PosedRig): SetUp {
  const clear = clearOfSurface(spec, setUp);
  const resolved = resolveSetUp(spec, clear);
  if (!resolved.camera.gimbal) return clear;
  const tilt = centredTiltDeg(stanceChange(setUpRig, actionRig, resolved), clear.angles);
  return { ...clear, gimbalTiltDeg: Math.round(tilt * 10) / 10 };
}
