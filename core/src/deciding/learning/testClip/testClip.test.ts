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
import { correctFromClip } from './correction';
import { readHorizon } from './horizonReading';

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
          const result = correctFromClip(resolved, setUpRig, crouch, marks, 0.3);
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
    const same = correctFromClip(resolved, setUpRig, crouch, horizonMarks(resolved.lens, predicted, 20), null);
    expect(same).toMatchObject({ kind: 'correction', notches: 0 });
    const low = multiplyRotations(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -10, rollDeg: 0 }), predicted);
    const up = correctFromClip(resolved, setUpRig, crouch, horizonMarks(resolved.lens, low, 20), null);
    if (up.kind !== 'correction') throw new Error(up.because);
    expect(up.tiltByDeg).toBeCloseTo(10, 6);
    expect(up.notches).toBe(1);
    expect(up.restDeg).toBeCloseTo(2.5, 6);
  });
});
