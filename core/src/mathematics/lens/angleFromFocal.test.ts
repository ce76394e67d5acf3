import { angleFromFocal } from './angleFromFocal';
import { calibrateLens } from './lens';
import { RADIAL_PROJECTION_IDS } from './projection';

it('50 mm on 36 mm: 39.6°; a fisheye of 15.3 mm shows 180° from corner to corner of 36 × 24 mm (geometry of the formats)', () => {
  expect(angleFromFocal('rectilinear', 36, 50)).toBeCloseTo(39.6, 1);
  expect(angleFromFocal('equisolid', Math.hypot(36, 24), 15.3)).toBeCloseTo(180, 0);
});

it.each(RADIAL_PROJECTION_IDS)('%s: the lens calibrated by it has that focal length', (projection) => {
  const fovDeg = angleFromFocal(projection, 6.2, 4)!;
  const { focalPx } = calibrateLens({
    projection,
    widthPx: 3840,
    heightPx: 2160,
    fovDeg,
    fovAcross: 'horizontal',
    crop: 1,
  });
  expect((focalPx * 6.2) / 3840).toBeCloseTo(4, 9);
});

it.each([
  [0, 4],
  [6, 0],
  [NaN, 4],
  [40, 1],
])('none for %d on %d', (extent, focal) => expect(angleFromFocal('equisolid', extent, focal)).toBeNull());
