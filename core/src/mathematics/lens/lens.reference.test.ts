import fc from 'fast-check';
import { openCv } from '../../../testing/openCv';
import { seededNumbers } from '../numbers/seededNumbers';
import { invert, transformPoint } from '../geometry/pose';
import { inverseRotation, rotationFromPanTiltRoll } from '../geometry/rotation';
import type { Vec3 } from '../geometry/vec3';
import { calibrateLens, fieldOfViewDeg, portrait, projectDirectionToPixel, unprojectPixelToDirection } from './lens';
import { RADIAL_PROJECTION_IDS, PROJECTIONS } from './projection';
import { toRad } from '../units/angle';

const mode = { widthPx: 3840, heightPx: 2160, fovAcross: 'horizontal', crop: 1 } as const;

describe('angles of view', () => {
  // Geometry of the 36 × 24 mm format with a 50 mm lens: 39.6° × 27.0°, diagonal 46.8°.
  it('a 50 mm lens on 36 × 24 mm', () => {
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 3600,
      heightPx: 2400,
      fovDeg: 2 * (Math.atan(18 / 50) / toRad(1)),
      fovAcross: 'horizontal',
      crop: 1,
    });
    expect(fieldOfViewDeg(lens, 'horizontal')).toBeCloseTo(39.6, 1);
    expect(fieldOfViewDeg(lens, 'vertical')).toBeCloseTo(27.0, 1);
    expect(fieldOfViewDeg(lens, 'diagonal')).toBeCloseTo(46.8, 1);
    expect(lens.focalPx).toBeCloseTo(5000, 6);
  });

  it.each(RADIAL_PROJECTION_IDS)(
    '%s: the published angle comes back, whichever way across it was measured',
    (projection) => {
      for (const fovAcross of ['horizontal', 'vertical', 'diagonal'] as const) {
        const lens = calibrateLens({ ...mode, projection, fovDeg: 88, fovAcross });
        expect(fieldOfViewDeg(lens, fovAcross)).toBeCloseTo(88, 9);
      }
    },
  );

  it.each(RADIAL_PROJECTION_IDS)('%s: a crop is linear in the picture, not in the angle', (projection) => {
    const whole = calibrateLens({ ...mode, projection, fovDeg: 120 });
    const cropped = calibrateLens({ ...mode, projection, fovDeg: 120, crop: 0.9 });
    const corner = unprojectPixelToDirection(cropped, { u: 3840, v: 2160 })!;
    const inWhole = projectDirectionToPixel(whole, corner)!;
    expect(inWhole.u).toBeCloseTo(1920 + 0.9 * 1920, 6);
    expect(inWhole.v).toBeCloseTo(1080 + 0.9 * 1080, 6);
  });

  it('the upright picture keeps the focal length', () => {
    const wide = calibrateLens({ ...mode, projection: 'equidistant', fovDeg: 120 });
    expect(portrait(wide)).toMatchObject({ widthPx: 2160, heightPx: 3840, focalPx: wide.focalPx });
  });

  it('says what is wrong with an impossible angle', () => {
    expect(() => calibrateLens({ ...mode, projection: 'rectilinear', fovDeg: 180 })).toThrow(/fovDeg 180.*0 to 180/);
    expect(() => calibrateLens({ ...mode, projection: 'equisolid', fovDeg: 100, crop: 0 })).toThrow(/crop 0/);
  });
});

describe('forward and inverse', () => {
  it.each(RADIAL_PROJECTION_IDS)('%s: pixel → direction → pixel within 1e-9 of the picture width', (projection) => {
    const lens = calibrateLens({ ...mode, projection, fovDeg: 140 });
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3840, noNaN: true }),
        fc.double({ min: 0, max: 2160, noNaN: true }),
        (u, v) => {
          const direction = unprojectPixelToDirection(lens, { u, v })!;
          const pixel = projectDirectionToPixel(lens, direction)!;
          expect(Math.hypot(pixel.u - u, pixel.v - v) / 3840).toBeLessThan(1e-9);
          expect(Math.abs(Math.hypot(...direction) - 1)).toBeLessThan(1e-12);
        },
      ),
      { seed: 11 },
    );
  });

  it.each(RADIAL_PROJECTION_IDS)('%s: near the axis every projection is r = f·θ', (projection) => {
    expect(PROJECTIONS[projection].radiusFromAngle(1e-5) / 1e-5).toBeCloseTo(1, 9);
  });
});

describe('outside reference: OpenCV with zero distortion (@techstark/opencv-js 4.12)', () => {
  const random = seededNumbers(20);
  // OpenCV's camera looks along +z with x right and y down.
  const cases = Array.from({ length: 200 }, () => {
    const angles = { panDeg: random() * 360 - 180, tiltDeg: random() * 160 - 80, rollDeg: random() * 360 - 180 };
    const position: Vec3 = [random() * 4 - 2, random() * 4 - 2, random() * 4 - 2];
    const off = random() * 1.2;
    const turn = random() * 2 * Math.PI;
    const far = 0.3 + random() * 20;
    const inCamera: Vec3 = [
      Math.cos(off) * far,
      Math.sin(off) * Math.cos(turn) * far,
      Math.sin(off) * Math.sin(turn) * far,
    ];
    const rotation = rotationFromPanTiltRoll(angles);
    return { pose: { rotation, position }, point: transformPoint({ rotation, position }, inCamera) };
  });

  it.each([
    ['rectilinear', 90],
    ['equidistant', 150],
  ] as const)('%s: 200 random points and poses within 1e-6 pixel', async (projection, fovDeg) => {
    const cv = await openCv();
    const lens = calibrateLens({ ...mode, projection, fovDeg });
    let worst = 0;
    for (const { pose, point } of cases) {
      const cameraFromWorld = invert(pose);
      const ours = projectDirectionToPixel(lens, transformPoint(cameraFromWorld, point))!;
      // Rows of OpenCV's rotation: right, down, ahead.
      const r = inverseRotation(pose.rotation);
      const t = cameraFromWorld.position;
      const theirs = cv.project(projection === 'equidistant', point, {
        rotation: [r[6], r[7], r[8], -r[3], -r[4], -r[5], r[0], r[1], r[2]],
        translation: [t[2], -t[1], t[0]],
        focalPx: lens.focalPx,
        centre: [1920, 1080],
      });
      worst = Math.max(worst, Math.hypot(ours.u - theirs[0], ours.v - theirs[1]));
    }
    expect(worst).toBeLessThan(1e-6);
  });
});
