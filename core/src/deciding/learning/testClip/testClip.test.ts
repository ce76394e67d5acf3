import fc from 'fast-check';
import { bikeRig, plainAt } from '../../../../testing/rigs';
import { horizonAtCentre } from '../../../posing/aiming/horizon';
import {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotate,
  rotationFromPanTiltRoll,
  type Rotation,
} from '../../../mathematics/geometry/rotation';
import { calibrateLens, projectDirectionToPixel, type Lens } from '../../../mathematics/lens/lens';
import { RADIAL_PROJECTION_IDS } from '../../../mathematics/lens/projection';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { kitWith } from '../../../posing/lookup/kit';
import { plainSetUp } from '../../../posing/strut/plainSetUp';
import { WHOLE_SPHERE } from '../../../mathematics/lens/projection';
import { correctFromClip } from './correction';
import { horizonBetween, readHorizon } from './horizonReading';

const rig = bikeRig();
const setUpRig = poseRig(rig, 'set-up');
const crouch = poseRig(rig, 'crouch');

/** Pixels of two far points of the level horizon, this many degrees to either side of where the camera looks. */
function horizonMarks(lens: Lens, worldFromCamera: Rotation, spreadDeg: number) {
  const { panDeg } = panTiltRollFromRotation(worldFromCamera);
  const mark = (deg: number) => {
    const a = (deg * Math.PI) / 180;
    return projectDirectionToPixel(lens, rotate(inverseRotation(worldFromCamera), [Math.cos(a), 0, Math.sin(a)]))!;
  };
  return { left: mark(panDeg - spreadDeg), right: mark(panDeg + spreadDeg) };
}

describe('reading the horizon of a clip', () => {
  it.each(RADIAL_PROJECTION_IDS)('%s: tilt and roll come back exactly from the two marks', (projection) => {
    const lens = calibrateLens({
      projection,
      widthPx: 3840,
      heightPx: 2160,
      fovDeg: 110,
      fovAcross: 'horizontal',
      crop: 0.9,
    });
    const angle = (limit: number) => fc.double({ min: -limit, max: limit, noNaN: true });
    fc.assert(
      fc.property(
        angle(35),
        angle(40),
        angle(180),
        fc.double({ min: 8, max: 35, noNaN: true }),
        (tiltDeg, rollDeg, panDeg, spread) => {
          const marks = horizonMarks(lens, rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg }), spread);
          const reading = readHorizon(lens, marks.left, marks.right);
          if (reading.kind !== 'read') throw new Error(reading.because);
          expect(reading.tiltDeg).toBeCloseTo(tiltDeg, 7);
          expect(reading.rollDeg).toBeCloseTo(rollDeg, 7);
        },
      ),
      { seed: 23 },
    );
  });

  it('is drawn through both marks and every point of the horizon between them', () => {
    const { lens } = resolveSetUp(rig, plainAt('chest'));
    const real = rotationFromPanTiltRoll({ panDeg: 3, tiltDeg: -24, rollDeg: 5 });
    const marks = horizonMarks(lens, real, 30);
    const curve = horizonBetween(lens, marks.left, marks.right);
    for (const deg of [-30, -17, 0, 9, 30]) {
      const a = ((3 + deg) * Math.PI) / 180;
      const on = projectDirectionToPixel(lens, rotate(inverseRotation(real), [Math.cos(a), 0, Math.sin(a)]))!;
      // Between points of the curve a straight piece is near enough.
      const i = Math.max(
        1,
        curve.findIndex(({ u }) => u > on.u),
      );
      const [p, q] = [curve[i - 1]!, curve[i]!];
      const v = p.v + ((on.u - p.u) / (q.u - p.u)) * (q.v - p.v);
      expect(Math.abs(v - on.v)).toBeLessThan(2);
    }
    expect(horizonBetween(lens, marks.left, marks.left)).toEqual([]);
  });

  it('does not guess from two marks on one spot', () => {
    const lens = resolveSetUp(rig, plainAt('chest')).lens;
    expect(readHorizon(lens, { u: 100, v: 50 }, { u: 101, v: 50 })).toMatchObject({ kind: "can't say" });
  });
});

describe('correction from a clip', () => {
  it('a rider who leans otherwise than predicted gets the horizon where it was wanted after one correction', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -8, max: 8, noNaN: true }),
        (leanError, rollError) => {
          const resolved = resolveSetUp(rig, plainAt('chest', 48));
          const error = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: leanError, rollDeg: rollError });
          const actual = (r: typeof resolved) =>
            multiplyRotations(error, poseStrut(r, setUpRig, crouch).worldFromCamera.rotation);
          const marks = horizonMarks(resolved.lens, actual(resolved), 20);
          const result = correctFromClip(resolved, { setUpRig, actionRig: crouch }, marks, 0.3);
          if (result.kind !== 'correction') throw new Error(result.because);
          const after = { ...resolved, setUp: { ...resolved.setUp, angles: result.newAngles } };
          const { heightFraction, rollDeg } = horizonAtCentre(resolved.lens, actual(after), {
            point: [0, 0, 0],
            normal: [0, 1, 0],
            ahead: [1, 0, 0],
            world: 'trail',
          });
          expect(Math.abs(heightFraction - 0.3)).toBeLessThan(0.01);
          expect(Math.abs(rollDeg)).toBeLessThan(0.5);
        },
      ),
      { seed: 29, numRuns: 40 },
    );
  });

  it('a clip that shows what was predicted asks for no correction, one 10° low asks for 10° up in notches', () => {
    const resolved = resolveSetUp(rig, plainAt('chest', 48));
    const predicted = poseStrut(resolved, setUpRig, crouch).worldFromCamera.rotation;
    const same = correctFromClip(
      resolved,
      { setUpRig, actionRig: crouch },
      horizonMarks(resolved.lens, predicted, 20),
      null,
    );
    expect(same).toMatchObject({ kind: 'correction', notches: 0 });
    const low = multiplyRotations(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -10, rollDeg: 0 }), predicted);
    const up = correctFromClip(resolved, { setUpRig, actionRig: crouch }, horizonMarks(resolved.lens, low, 20), null);
    if (up.kind !== 'correction') throw new Error(up.because);
    expect(up.tiltByDeg).toBeCloseTo(10, 6);
    expect(up.notches).toBe(1);
    expect(up.restDeg).toBeCloseTo(2.5, 6);
  });

  it('a camera that looks past the way is turned back by as much, once somebody marks where the way vanishes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -18, max: 18, noNaN: true }),
        fc.double({ min: -8, max: 8, noNaN: true }),
        fc.double({ min: -6, max: 6, noNaN: true }),
        (panError, tiltError, rollError) => {
          const resolved = resolveSetUp(rig, plainAt('chest', 48));
          const { rotation } = poseStrut(resolved, setUpRig, crouch).worldFromCamera;
          const { panDeg, tiltDeg, rollDeg } = panTiltRollFromRotation(rotation);
          const real = rotationFromPanTiltRoll({
            panDeg: panDeg + panError,
            tiltDeg: tiltDeg + tiltError,
            rollDeg: rollDeg + rollError,
          });
          const marks = horizonMarks(resolved.lens, real, 20);
          const way = projectDirectionToPixel(resolved.lens, rotate(inverseRotation(real), [1, 0, 0]))!;
          const result = correctFromClip(resolved, { setUpRig, actionRig: crouch }, { ...marks, way }, null);
          if (result.kind !== 'correction') throw new Error(result.because);
          // The turn that was left over, carried along with the new angles, ends where it was meant to look.
          const off = multiplyRotations(real, inverseRotation(rotation));
          const after = { ...resolved, setUp: { ...resolved.setUp, angles: result.newAngles } };
          const now = panTiltRollFromRotation(
            multiplyRotations(off, poseStrut(after, setUpRig, crouch).worldFromCamera.rotation),
          );
          expect(now.panDeg).toBeCloseTo(panDeg, 4);
          expect(now.tiltDeg).toBeCloseTo(tiltDeg, 4);
          if (Math.abs(panError) > 8) expect(Math.sign(result.panByDeg!)).toBe(-Math.sign(panError));
        },
      ),
      { seed: 31, numRuns: 30 },
    );
    const plain = correctFromClip(
      resolveSetUp(rig, plainAt('chest', 48)),
      { setUpRig, actionRig: crouch },
      horizonMarks(
        resolveSetUp(rig, plainAt('chest', 48)).lens,
        poseStrut(resolveSetUp(rig, plainAt('chest', 48)), setUpRig, crouch).worldFromCamera.rotation,
        20,
      ),
      null,
    );
    expect(plain).toMatchObject({ panByDeg: null, by: 'joint' });
  });

  it('with a gimbal it is the gimbal that is set, by what its picture shows; the strut stays', () => {
    const setUp = plainSetUp(rig, 'chest', {
      cameraId: 'pocket-gimbal',
      modeId: kitMode('pocket-gimbal'),
      stabiliserId: 'off',
    })!;
    const resolved = resolveSetUp(rig, { ...setUp, gimbalTiltDeg: -4 });
    const { rotation } = poseStrut(resolved, setUpRig, crouch).worldFromCamera;
    const { panDeg, tiltDeg } = panTiltRollFromRotation(rotation);
    const real = rotationFromPanTiltRoll({ panDeg, tiltDeg: tiltDeg - 3, rollDeg: 1 });
    const marks = horizonMarks(resolved.lens, real, 15);
    const back = correctFromClip(resolved, { setUpRig, actionRig: crouch }, marks, null);
    expect(back).toMatchObject({ by: 'gimbal', newAngles: resolved.setUp.angles, notches: null, lesson: null });
    if (back.kind !== 'correction') throw new Error(back.because);
    expect(back.gimbalTiltDeg).toBeCloseTo(-1, 6);
    expect(back.rollByDeg).toBeCloseTo(-1, 6);
    // Wanted in the middle of the picture it is level.
    const level = correctFromClip(resolved, { setUpRig, actionRig: crouch }, marks, 0.5);
    if (level.kind !== 'correction') throw new Error(level.because);
    expect(level.gimbalTiltDeg! - -4).toBeCloseTo(-(tiltDeg - 3), 6);
  });

  it('a view that is cut out of a sphere is turned where it is cut', () => {
    const setUp = plainSetUp(rig, 'chest', { cameraId: 'two-lens-360', modeId: viewMode(), stabiliserId: 'off' })!;
    const resolved = resolveSetUp(rig, setUp);
    const { rotation } = poseStrut(resolved, setUpRig, crouch).worldFromCamera;
    const low = multiplyRotations(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -6, rollDeg: 0 }), rotation);
    const result = correctFromClip(
      resolved,
      { setUpRig, actionRig: crouch },
      horizonMarks(resolved.lens, low, 20),
      null,
    );
    expect(result).toMatchObject({ by: 'view', notches: null });
    if (result.kind !== 'correction') throw new Error(result.because);
    expect(result.tiltByDeg).toBeCloseTo(6, 1);
  });
});

const modesOf = (cameraId: string) => kitWith().cameras.find((c) => c.id === cameraId)!.modes;
const kitMode = (cameraId: string): string => modesOf(cameraId)[0]!.id;
const viewMode = (): string => modesOf('two-lens-360').find(({ lens }) => lens.projection !== WHOLE_SPHERE)!.id;
