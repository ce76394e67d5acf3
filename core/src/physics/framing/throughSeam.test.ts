import { newCarrier } from '../../deciding/outing/newOuting';
import { dot } from '../../mathematics/geometry/vec3';
import { rotate } from '../../mathematics/geometry/rotation';
import { levelToSet } from '../../posing/aiming/levelToSet';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { chainJoints, poseStrut } from '../../posing/strut/kinematics';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { normalize, subtract } from '../../mathematics/geometry/vec3';
import { transformPoint } from '../../mathematics/geometry/pose';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { frameInStance } from './frameSetUp';

const { rig } = newCarrier('c', 'motorcycle', 1.75);
const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
const POLE = { linkId: 'medium-pole', lengthM: 0.8, bendDeg: 35, turnDeg: 180 };
const LOOKS_BACK_DOWN = { panDeg: 0, tiltDeg: -40, rollDeg: 0 };

function onPole(cameraId: string, modeId: string) {
  const plain = plainSetUp(rig, 'pack-top', { cameraId, modeId, stabiliserId: 'off' })!;
  return resolveSetUp(rig, { ...plain, headId: 'ball-joint', links: [POLE], angles: LOOKS_BACK_DOWN });
}
const ownIn = (resolved: ReturnType<typeof onPole>, stanceId: string) =>
  frameInStance(resolved, setUpRig, poseRig(rig, stanceId), 64).measures.shares.own;

it('a camera of two lenses stands straight on its pole in every stance, and does not see it; one of a single lens there does', () => {
  const [two, one] = [onPole('two-lens-360', 'reframed-widest'), onPole('cube-camera', 'wide')];
  for (const { id } of resolveRig(rig).machine.stances) {
    const strut = poseStrut(two, setUpRig, poseRig(rig, id));
    const [from, to] = chainJoints(two)
      .slice(-2)
      .map((joint) => transformPoint(strut.worldFromSpot, joint));
    const along = normalize(subtract(to!, from!));
    expect(dot(rotate(strut.worldFromBody.rotation, [0, 1, 0]), along)).toBeCloseTo(1, 9);
    expect(ownIn(two, id)).toBeLessThan(0.002);
    expect(ownIn(one, id)).toBeGreaterThan(0.01);
  }
});

it('the view is turned afterwards: another tilt of it moves neither the body nor what the level reads', () => {
  const resolved = onPole('two-lens-360', 'reframed');
  const other = resolveSetUp(rig, { ...resolved.setUp, angles: { ...LOOKS_BACK_DOWN, tiltDeg: 10 } });
  expect(levelToSet(resolved, setUpRig)).toMatchObject({ onPole: true, viewAfterwards: LOOKS_BACK_DOWN });
  expect(levelToSet(other, setUpRig).reads).toEqual(levelToSet(resolved, setUpRig).reads);
  expect(poseStrut(other, setUpRig, setUpRig).worldFromBody).toEqual(
    poseStrut(resolved, setUpRig, setUpRig).worldFromBody,
  );
});

it('straight on its base the body stands level and ahead; with one lens body and picture are one', () => {
  const plain = (cameraId: string, modeId: string) =>
    resolveSetUp(rig, {
      ...plainSetUp(rig, 'chest', { cameraId, modeId, stabiliserId: 'off' })!,
      angles: LOOKS_BACK_DOWN,
    });
  expect(levelToSet(plain('two-lens-360', 'reframed'), setUpRig)).toMatchObject({ onPole: false });
  expect(levelToSet(plain('two-lens-360', 'reframed'), setUpRig).reads.tiltDeg).toBeCloseTo(0, 9);
  expect(levelToSet(plain('cube-camera', 'wide'), setUpRig)).toEqual({
    reads: LOOKS_BACK_DOWN,
    onPole: false,
    viewAfterwards: null,
  });
});

it('the body is tilted by itself: the level reads it, the view stays where it was turned', () => {
  const plain = plainSetUp(rig, 'chest', { cameraId: 'two-lens-360', modeId: 'reframed', stabiliserId: 'off' })!;
  const [level, tilted] = [0, 40].map((bodyTiltDeg) =>
    resolveSetUp(rig, { ...plain, bodyTiltDeg, angles: LOOKS_BACK_DOWN }),
  );
  const { reads, viewAfterwards } = levelToSet(tilted!, setUpRig);
  expect(reads.tiltDeg).toBeCloseTo(40, 9);
  expect(viewAfterwards).toEqual(LOOKS_BACK_DOWN);
  const [before, after] = [level!, tilted!].map((resolved) => poseStrut(resolved, setUpRig, setUpRig));
  expect(after!.worldFromCamera.rotation).toEqual(before!.worldFromCamera.rotation);
  // Front lens 40° up from where it was: from the middle of the body to the front, as the cosine of that angle.
  const front = (pose: typeof after) => rotate(pose!.worldFromBody.rotation, [1, 0, 0]);
  expect(dot(front(after), front(before))).toBeCloseTo(Math.cos((40 * Math.PI) / 180), 9);
});
