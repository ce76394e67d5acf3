import {
  inverseRotation,
  multiplyRotations,
  NO_ROTATION,
  rotate,
  rotationAbout,
  rotationFacing,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { compose, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import {
  add,
  addScaled,
  cross,
  mix,
  normalize,
  rejectFrom,
  scale,
  subtract,
  UP,
  type Vec3,
} from '../../mathematics/geometry/vec3';
import type { BodySegments } from '../../words/carrier/bodySegments';
import { twoBone } from './twoBone';
import {
  type Posture,
  type PosedBody,
  type HandContact,
  type FootContact,
  type Side,
  type ReachProblem,
  SIDES,
  sideSign,
  type GripContact,
  SOLE_M,
} from '../../words/carrier/posture';

/**
 * Spine shape: share of the torso's length below the waist, and how much of the lean the pelvis and the ribs take, so that a
 * deep crouch rounds the back. Estimates: pelvis 0.7 to 0.9, ribs 1.05 to 1.15.
 */
const SPINE = { pelvisShare: 0.36, pelvisLean: 0.82, ribLean: 1.08 } as const;
/** Wrist from the middle of the grip, in hand frame, metres: behind and a little above (estimate ± 1 cm). */
const WRIST_FROM_GRIP: Vec3 = [-0.076, 0.016, 0];
/** Ankle from the ball of the foot as shares of the foot's length (estimate). */
const ANKLE_BEHIND_BALL = 0.52;

export const limbPose = (upper: Vec3, lower: Vec3, pole: Vec3): Pose => {
  const y = normalize(subtract(lower, upper));
  const x = normalize(rejectFrom(pole, y));
  const z = cross(x, y);
  return poseAt(upper, [x[0], y[0], z[0], x[1], y[1], z[1], x[2], y[2], z[2]]);
};

export function poseBody(body: BodySegments, posture: Posture): PosedBody {
  const { base, ...own } = posture;
  return base ? turnBody(poseUpright(body, turnPosture(own, inverseRotation(base))), base) : poseUpright(body, own);
}

/** The same posture, hips and contacts turned about the origin. */
function turnPosture(posture: Posture, turn: Rotation): Posture {
  const hand = (contact: HandContact): HandContact => {
    if (contact.kind === 'grip') {
      return { ...contact, centre: rotate(turn, contact.centre), outward: rotate(turn, contact.outward) };
    }
    if (contact.kind === 'relaxed') return contact;
    const { wrist, fingers, back } = contact;
    return { kind: 'placed', wrist: rotate(turn, wrist), fingers: rotate(turn, fingers), back: rotate(turn, back) };
  };
  const foot = ({ ball, ahead, up }: FootContact): FootContact => ({
    ball: rotate(turn, ball),
    ahead: rotate(turn, ahead),
    up: rotate(turn, up),
  });
  return {
    ...posture,
    hipCentre: rotate(turn, posture.hipCentre),
    hands: { left: hand(posture.hands.left), right: hand(posture.hands.right) },
    feet: { left: foot(posture.feet.left), right: foot(posture.feet.right) },
  };
}

function turnBody(posed: PosedBody, turn: Rotation): PosedBody {
  const by = poseAt([0, 0, 0], turn);
  const pair = ({ left, right }: Readonly<Record<Side, Pose>>) => ({
    left: compose(by, left),
    right: compose(by, right),
  });
  return {
    pelvis: compose(by, posed.pelvis),
    ribcage: compose(by, posed.ribcage),
    head: compose(by, posed.head),
    eyes: compose(by, posed.eyes),
    neckBase: rotate(turn, posed.neckBase),
    upperArm: pair(posed.upperArm),
    forearm: pair(posed.forearm),
    hand: pair(posed.hand),
    thigh: pair(posed.thigh),
    shank: pair(posed.shank),
    foot: pair(posed.foot),
    problems: posed.problems,
  };
}

/** A posture as machine coordinates give it, taken along by the machine. */
export function carryPosture(worldFromMachine: Pose, posture: Posture): Posture {
  const turned = turnPosture(posture, worldFromMachine.rotation);
  const shift = worldFromMachine.position;
  const hand = (contact: HandContact): HandContact =>
    contact.kind === 'grip'
      ? { ...contact, centre: add(contact.centre, shift) }
      : contact.kind === 'placed'
        ? { ...contact, wrist: add(contact.wrist, shift) }
        : contact;
  const foot = (contact: FootContact): FootContact => ({ ...contact, ball: add(contact.ball, shift) });
  return {
    ...turned,
    base: multiplyRotations(worldFromMachine.rotation, posture.base ?? NO_ROTATION),
    hipCentre: add(turned.hipCentre, shift),
    hands: { left: hand(turned.hands.left), right: hand(turned.hands.right) },
    feet: { left: foot(turned.feet.left), right: foot(turned.feet.right) },
  };
}

function poseUpright(body: BodySegments, posture: Posture): PosedBody {
  const problems: ReachProblem[] = [];
  const lean = (share: number): Rotation =>
    multiplyRotations(rotationAbout([1, 0, 0], posture.rollDeg), rotationAbout([0, 0, 1], -posture.leanDeg * share));
  const pelvis = poseAt(posture.hipCentre, lean(SPINE.pelvisLean));
  const waist = transformPoint(pelvis, [0, body.torsoM * SPINE.pelvisShare, 0]);
  const ribcage = poseAt(waist, lean(SPINE.ribLean));
  const neckBase = transformPoint(ribcage, [0, body.torsoM * (1 - SPINE.pelvisShare), 0]);

  const headRotation = multiplyRotations(
    rotationAbout(UP, -posture.headTurnDeg),
    multiplyRotations(rotationAbout([1, 0, 0], posture.rollDeg * 0.35), rotationAbout([0, 0, 1], posture.gazeDeg)),
  );
  const ribUp = rotate(ribcage.rotation, UP);
  const headUp = rotate(headRotation, UP);
  const neckAxis = normalize(mix(headUp, ribUp, 0.45));
  const headCentre = addScaled(neckBase, neckAxis, body.shoulderToEyeM);
  const head = poseAt(headCentre, headRotation);
  const eyes = poseAt(transformPoint(head, [0.05 * body.statureM, 0, 0]), headRotation);

  const upperArm = {} as Record<Side, Pose>;
  const forearm = {} as Record<Side, Pose>;
  const hand = {} as Record<Side, Pose>;
  const thigh = {} as Record<Side, Pose>;
  const shank = {} as Record<Side, Pose>;
  const foot = {} as Record<Side, Pose>;
  for (const side of SIDES) {
    const sign = sideSign(side);
    const out: Vec3 = [0, 0, sign];
    const contact = posture.hands[side];
    const shoulder = transformPoint(ribcage, [
      contact.kind === 'grip' ? 0.02 * body.statureM : 0,
      body.torsoM * (1 - SPINE.pelvisShare) - 0.012 * body.statureM,
      sign * (body.shoulderHalfBreadthM - 0.022 * body.statureM),
    ]);
    const relaxedWrist = add(shoulder, [0.04, -0.325 * body.statureM, sign * 0.06]);
    const handFrame: Rotation =
      contact.kind === 'grip'
        ? handRotation(contact, shoulder, sign)
        : contact.kind === 'placed'
          ? rotationFacing(contact.fingers, contact.back)
          : rotationFacing([0.15, -1, 0], [0, 0, sign]);
    const freeWrist = contact.kind === 'placed' ? contact.wrist : relaxedWrist;
    const grip: Pose =
      contact.kind === 'grip'
        ? poseAt(contact.centre, handFrame)
        : poseAt(subtract(freeWrist, rotate(handFrame, WRIST_FROM_GRIP)), handFrame);
    const wrist = contact.kind === 'grip' ? transformPoint(grip, WRIST_FROM_GRIP) : freeWrist;
    const elbowPole: Vec3 =
      contact.kind === 'relaxed'
        ? [-1, 0, 0.2 * sign]
        : add(scale(out, posture.elbowsOut), [-0.35, -(1 - posture.elbowsOut), 0]);
    const arm = twoBone(shoulder, wrist, body.upperArmM, body.forearmM, elbowPole);
    // A hand in the air goes as far as the arm does.
    if (arm.shortM > 0 && contact.kind === 'grip') problems.push({ limb: `${side} hand`, shortM: arm.shortM });
    upperArm[side] = limbPose(shoulder, arm.middle, elbowPole);
    forearm[side] = limbPose(arm.middle, arm.end, elbowPole);
    hand[side] = arm.shortM > 0 ? poseAt(add(grip.position, subtract(arm.end, wrist)), handFrame) : grip;

    const sole = posture.feet[side];
    const footRotation = rotationFacing(sole.ahead, sole.up);
    const ankle = transformPoint(poseAt(sole.ball, footRotation), [
      -ANKLE_BEHIND_BALL * body.footM,
      body.ankleHeightM + SOLE_M,
      0,
    ]);
    const hip = transformPoint(pelvis, [0, 0, sign * body.hipJointHalfM]);
    const kneePole: Vec3 = [1, 0.2, sign * posture.kneesOut];
    const leg = twoBone(hip, ankle, body.thighM, body.shankM, kneePole);
    if (leg.shortM > 0) problems.push({ limb: `${side} foot`, shortM: leg.shortM });
    thigh[side] = limbPose(hip, leg.middle, kneePole);
    shank[side] = limbPose(leg.middle, leg.end, kneePole);
    foot[side] = poseAt(add(sole.ball, subtract(leg.end, ankle)), footRotation);
  }
  return { pelvis, ribcage, head, eyes, neckBase, upperArm, forearm, hand, thigh, shank, foot, problems };
}

/** Hand frame on a grip: +z along the grip to the little finger's side, +x from the wrist over the bar, +y the back of the hand. */
function handRotation(contact: GripContact, shoulder: Vec3, sign: 1 | -1): Rotation {
  const outward = normalize(contact.outward);
  const right = scale(outward, sign);
  const toward = normalize(rejectFrom(subtract(contact.centre, shoulder), right));
  const ahead = normalize(rejectFrom(add(toward, scale([1, 0, 0], 0.6)), right));
  const up = cross(right, ahead);
  return [ahead[0], up[0], right[0], ahead[1], up[1], right[1], ahead[2], up[2], right[2]];
}
