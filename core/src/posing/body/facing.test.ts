import fc from 'fast-check';
import {
  FACING_RIGHT,
  grip,
  placed,
  PRONE,
  RELAXED,
  sole,
  standingHipM,
  UPRIGHT,
} from '../../../catalog/shapes/people';
import { poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import {
  multiplyRotations,
  rotate,
  rotationAbout,
  rotationFromPanTiltRoll,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { distance, dot, type Vec3 } from '../../mathematics/geometry/vec3';
import { carryPosture, poseBody } from './posture';
import type { PosedBody, Posture } from '../../words/carrier/posture';
import { bodySegments } from './segments';

const body = bodySegments(1.75);
const posture: Posture = {
  ...UPRIGHT,
  hipCentre: [0.1, standingHipM(body), 0.05],
  leanDeg: 30,
  rollDeg: 6,
  gazeDeg: -8,
  hands: { left: grip([0.5, 1.0, -0.3], [0, 0.1, -1]), right: placed([0.5, 1.1, 0.35], [1, 0, 0.2]) },
  feet: { left: sole([0.15, 0, -0.15], [1, 0, -0.1]), right: sole([0.2, 0.02, 0.17], [1, 0.1, 0.1]) },
};
const angle = fc.double({ min: -90, max: 90, noNaN: true });

const points = (posed: PosedBody): Vec3[] => [
  posed.pelvis.position,
  posed.ribcage.position,
  posed.head.position,
  posed.eyes.position,
  posed.neckBase,
  ...[posed.upperArm, posed.forearm, posed.hand, posed.thigh, posed.shank, posed.foot].flatMap(({ left, right }) => [
    left.position,
    right.position,
  ]),
];

describe('a body that faces another way', () => {
  it('carried by any machine is the same body, moved rigidly: hips, joints, eyes, hands and soles', () => {
    fc.assert(
      fc.property(angle, angle, angle, fc.double({ min: -5, max: 5, noNaN: true }), (panDeg, tiltDeg, rollDeg, x) => {
        const move: Pose = poseAt([x, 2, -1], rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg }));
        const still = points(poseBody(body, posture));
        const moved = points(poseBody(body, carryPosture(move, posture)));
        still.forEach((p, i) => expect(distance(transformPoint(move, p), moved[i]!)).toBeLessThan(1e-9));
      }),
      { seed: 8, numRuns: 30 },
    );
  });

  it('carried twice is carried once by both', () => {
    const a = poseAt([1, 0, 2], rotationAbout([0, 1, 0], 40));
    const b = poseAt([0, 1, 0], rotationAbout([1, 0, 0], 25));
    const both = { rotation: multiplyRotations(a.rotation, b.rotation), position: transformPoint(a, b.position) };
    const twice = points(poseBody(body, carryPosture(a, carryPosture(b, posture))));
    const once = points(poseBody(body, carryPosture(both, posture)));
    once.forEach((p, i) => expect(distance(p, twice[i]!)).toBeLessThan(1e-9));
  });

  const chest = (base: Rotation) =>
    rotate(
      poseBody(body, { ...posture, base, leanDeg: 0, rollDeg: 0, hands: { left: RELAXED, right: RELAXED } }).ribcage
        .rotation,
      [1, 0, 0],
    );
  it('across a board the chest looks to the right; prone it looks at the water', () => {
    expect(dot(chest(FACING_RIGHT), [0, 0, 1])).toBeGreaterThan(0.99);
    expect(dot(chest(PRONE), [0, -1, 0])).toBeGreaterThan(0.99);
  });

  it('a hand in the air that is too far goes as far as the arm does and is no problem; a grip that far is one', () => {
    const far: Vec3 = [3, 1.2, 0.3];
    const reaching = { ...posture, hands: { left: RELAXED, right: placed(far, [1, 0, 0]) } };
    expect(poseBody(body, reaching).problems).toEqual([]);
    const gripping = { ...posture, hands: { left: RELAXED, right: grip(far, [0, 0, 1]) } };
    expect(poseBody(body, gripping).problems.map((p) => p.limb)).toEqual(['right hand']);
  });
});
