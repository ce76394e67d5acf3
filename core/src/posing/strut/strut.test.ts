import fc from 'fast-check';
import { INTENTS } from '../../../catalog/index.generated';
import { bikeRig, plainAt } from '../../../testing/rigs';
import { horizonAtCentre } from '../aiming/horizon';
import { panTiltRollFromRotation, rotate } from '../../mathematics/geometry/rotation';
import { distance } from '../../mathematics/geometry/vec3';
import { poseRig } from '../rig/poseRig';
import { aimedSetUp } from '../aiming/aimedSetUp';
import { chainJoints, linkDirection, poseStrut, reachAndHeight } from './kinematics';
import { middleTiltDeg, nearestNotch } from '../aiming/notches';
import { resolveSetUp } from './resolveSetUp';
import { clearOfSurface, surfaceGapM } from './surfaceGap';
import { solveTiltForHorizon } from '../aiming/solveAngles';

const rig = bikeRig();
const setUpRig = poseRig(rig, 'set-up');
const crouch = poseRig(rig, 'crouch');

describe('kinematics of the strut', () => {
  it('reads in the set-up stance exactly what was set', () => {
    const angles = { panDeg: 12, tiltDeg: 33, rollDeg: -4 };
    for (const spotId of ['chest', 'chin-bar', 'under-stem', 'under-saddle']) {
      const pose = poseStrut(resolveSetUp(rig, plainAt(spotId, 0, { angles })), setUpRig, setUpRig);
      const read = panTiltRollFromRotation(pose.worldFromCamera.rotation);
      for (const key of ['panDeg', 'tiltDeg', 'rollDeg'] as const) expect(read[key]).toBeCloseTo(angles[key], 9);
    }
  });

  it('a straight link adds its length to the height, a link along the surface to the reach', () => {
    const link = (bendDeg: number) => ({ linkId: 'short-arm', lengthM: 0.06, bendDeg, turnDeg: 0 });
    const joints = (bendDeg: number) =>
      chainJoints(resolveSetUp(rig, plainAt('helmet-top', 0, { links: [link(bendDeg)] })));
    expect(joints(0)[2]![1] - joints(0)[1]![1]).toBeCloseTo(0.06, 12);
    expect(joints(90)[2]![0]).toBeCloseTo(0.06, 12);
    expect(linkDirection({ bendDeg: 90, turnDeg: 90 })[2]).toBeCloseTo(1, 12);
    const plain = reachAndHeight(resolveSetUp(rig, plainAt('helmet-top')), setUpRig);
    const raised = reachAndHeight(resolveSetUp(rig, plainAt('helmet-top', 0, { links: [link(0)] })), setUpRig);
    expect(raised.heightM - plain.heightM).toBeCloseTo(0.06, 9);
  });

  it('keeps the camera at the same distance from its spot in every stance', () => {
    const resolved = resolveSetUp(
      rig,
      plainAt('chest', 40, { links: [{ linkId: 'short-arm', lengthM: 0.05, bendDeg: 30, turnDeg: 20 }] }),
    );
    const far = (stanceId: string) => {
      const pose = poseStrut(resolved, setUpRig, poseRig(rig, stanceId));
      return distance(pose.worldFromCamera.position, pose.worldFromSpot.position);
    };
    for (const stance of ['seated', 'crouch', 'steep', 'lean']) expect(far(stance)).toBeCloseTo(far('set-up'), 9);
  });

  it('a hanging camera keeps its picture the right way up', () => {
    const resolved = resolveSetUp(rig, plainAt('under-visor'));
    expect(resolved.setUp.mounting).toBe('inverted');
    const pose = poseStrut(resolved, setUpRig, crouch);
    expect(rotate(pose.worldFromCamera.rotation, [0, 1, 0])[1]).toBeGreaterThan(0.9);
    expect(rotate(pose.worldFromBody.rotation, [0, 1, 0])[1]).toBeLessThan(-0.9);
  });
});

describe('the set-up angle', () => {
  it('puts the horizon exactly where it is wanted in the action stance, for any spot, pan, roll and height', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('chest', 'chin-bar', 'pack-strap', 'handlebar', 'head-tube-side'),
        fc.constantFrom('crouch', 'steep', 'seated', 'lean'),
        fc.double({ min: -30, max: 30, noNaN: true }),
        fc.double({ min: -12, max: 12, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (spotId, stanceId, panDeg, rollDeg, wanted) => {
          const actionRig = poseRig(rig, stanceId);
          const setUp = plainAt(spotId, 0, { angles: { panDeg, tiltDeg: 0, rollDeg } });
          const resolved = resolveSetUp(rig, setUp);
          const tiltDeg = solveTiltForHorizon(resolved, setUpRig, actionRig, wanted)!;
          const tilted = { ...resolved, setUp: { ...setUp, angles: { panDeg, tiltDeg, rollDeg } } };
          const { rotation } = poseStrut(tilted, setUpRig, actionRig).worldFromCamera;
          expect(horizonAtCentre(resolved.lens, rotation, actionRig.ground).heightFraction).toBeCloseTo(wanted, 7);
          expect(rotate(rotation, [0, 1, 0])[1]).toBeGreaterThan(0);
        },
      ),
      { seed: 17, numRuns: 60 },
    );
  });

  it('for a chest camera is the wanted tilt plus the change of the torso', () => {
    const resolved = resolveSetUp(rig, plainAt('chest'));
    const tiltDeg = solveTiltForHorizon(resolved, setUpRig, crouch, 0.5)!;
    const pitch = (r: typeof crouch) => Math.asin(rotate(r.body!.ribcage.rotation, [1, 0, 0])[1]) * (180 / Math.PI);
    expect(tiltDeg).toBeCloseTo(pitch(setUpRig) - pitch(crouch), 6);
  });

  it('aims at a part: its middle comes to the wanted height of the centre column', () => {
    const face = INTENTS.find((intent) => intent.id === 'look-back-at-the-face')!;
    const setUp = aimedSetUp(rig, plainAt('handlebar'), face, 'crouch', null)!;
    const { worldFromCamera } = poseStrut(resolveSetUp(rig, setUp), setUpRig, crouch);
    const head = crouch.byId.get('head')!.worldFromPart.position;
    const d = head.map((v, i) => v - worldFromCamera.position[i as 0]) as unknown as [number, number, number];
    const r = worldFromCamera.rotation;
    // Right of the lens axis: nothing. The handlebar spot turns with nothing in the crouch, so this is exact.
    expect(r[2] * d[0] + r[5] * d[1] + r[8] * d[2]).toBeCloseTo(0, 4);
    expect(setUp.headId).toBe('ball-joint');
  });
});

describe('clear of the surface', () => {
  it('a wide camera on the side of the helmet gets a riser, one on the crown needs none', () => {
    const side = plainAt('helmet-side');
    expect(surfaceGapM(resolveSetUp(rig, side), setUpRig)).toBeLessThan(0);
    const raised = clearOfSurface(rig, side);
    expect(raised.links.map((l) => l.linkId)).toEqual(['riser']);
    expect(surfaceGapM(resolveSetUp(rig, raised), setUpRig)).toBeGreaterThan(0);
    const top = plainAt('helmet-top');
    expect(clearOfSurface(rig, top)).toBe(top);
  });
});

describe('notches', () => {
  const resolved = resolveSetUp(rig, plainAt('chest'));
  it('a finger joint holds in whole steps from its middle, never more than half a step away', () => {
    const middle = middleTiltDeg(resolved, setUpRig);
    const reading = nearestNotch(resolved, setUpRig, middle + 31);
    expect(reading.notches).toBe(4);
    expect(reading.heldTiltDeg).toBeCloseTo(middle + 30, 9);
    expect(reading.restDeg).toBeCloseTo(-1, 9);
  });
  it('a ball joint holds anywhere', () => {
    const ball = resolveSetUp(rig, plainAt('chest', 0, { headId: 'ball-joint' }));
    expect(nearestNotch(ball, setUpRig, 31.4)).toEqual({ notches: null, heldTiltDeg: 31.4, restDeg: 0 });
  });
});
