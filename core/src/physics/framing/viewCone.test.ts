import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { NO_ROTATION, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { dot, normalize, type Vec3 } from '../../mathematics/geometry/vec3';
import { calibrateLens, unprojectPixelToDirection } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import { toDeg, toRad } from '../../mathematics/units/angle';
import { ALL_ROUND, coneOf, coneRound, holdsCone, turned, widened, type ViewCone } from './viewCone';

const cone = (axis: Vec3, halfDeg: number): ViewCone => ({ axis: normalize(axis), halfRad: toRad(halfDeg) });

it('of a picture: about the middle, out to its corners', () => {
  const lens = calibrateLens({
    projection: 'equidistant',
    widthPx: 1600,
    heightPx: 900,
    fovDeg: 100,
    fovAcross: 'horizontal',
    crop: 1,
  });
  const { axis, halfRad } = coneOf(rayGrid(lens, 160, 90), NO_ROTATION);
  expect(axis).toEqual([1, 0, 0]);
  const corner = unprojectPixelToDirection(lens, { u: 0, v: 0 })!;
  expect(toDeg(halfRad)).toBeCloseTo(toDeg(Math.acos(corner[0])), 0);
  // Equidistant: angles go with the way from the middle.
  expect(toDeg(halfRad)).toBeCloseTo((50 * Math.hypot(1600, 900)) / 1600, 0);
});

it('turned its axis goes along, and it is as wide as before', () => {
  const there = turned(rotationFromPanTiltRoll({ panDeg: 90, tiltDeg: 0, rollDeg: 35 }), cone([1, 0, 0], 30));
  // To the right by a quarter.
  [0, 0, 1].forEach((x, i) => expect(there.axis[i]).toBeCloseTo(x, 12));
  expect(toDeg(there.halfRad)).toBeCloseTo(30, 12);
});

it('holds what lies within it, and nothing that reaches out', () => {
  const whole = cone([1, 0, 0], 50);
  expect(holdsCone(whole, whole)).toBe(true);
  expect(holdsCone(whole, cone([1, 0, Math.tan(toRad(20))], 29.9))).toBe(true);
  expect(holdsCone(whole, cone([1, 0, Math.tan(toRad(20))], 30.1))).toBe(false);
  expect(holdsCone(ALL_ROUND, cone([-1, 0.2, 0], 170))).toBe(true);
});

it('round some cones: all their directions lie in it; of those that point all ways it is all round', () => {
  const random = seededNumbers(3);
  const about = (): Vec3 => [1, random() - 0.5, random() - 0.5];
  for (let n = 0; n < 40; n++) {
    const cones = Array.from({ length: 4 }, () => cone(about(), 10 + 40 * random()));
    const round = coneRound(cones);
    for (const one of cones) expect(holdsCone(widened(round, 1e-9), one)).toBe(true);
    // No wider than from the two that lie farthest apart.
    const apart = Math.max(...cones.flatMap((a) => cones.map((b) => Math.acos(Math.min(1, dot(a.axis, b.axis))))));
    expect(round.halfRad).toBeLessThanOrEqual(apart + Math.max(...cones.map((c) => c.halfRad)) + 1e-9);
  }
  expect(coneRound([cone([1, 0, 0], 20), cone([-1, 0, 0], 20)])).toBe(ALL_ROUND);
  expect(coneRound([])).toBe(ALL_ROUND);
});

it('widened until little is left it is all round', () => {
  expect(widened(cone([1, 0, 0], 60), toRad(20)).halfRad).toBeCloseTo(toRad(80), 12);
  expect(widened(cone([1, 0, 0], 120), toRad(30))).toBe(ALL_ROUND);
});
