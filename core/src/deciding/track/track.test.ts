import { octantsOf } from './octantsOf';
import { Geodesic } from 'geographiclib-geodesic';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { bearingDeg, distanceM, trackReport, type TrackPoint } from './track';

const at = (latDeg: number, lonDeg: number, over: Partial<TrackPoint> = {}): TrackPoint => ({
  latDeg,
  lonDeg,
  eleM: null,
  ms: null,
  ...over,
});
/** Due north from 50° N, metres apart, seconds apart. */
const north = (
  count: number,
  metres: number,
  seconds: number,
  eleM: (i: number) => number | null = () => null,
): TrackPoint[] =>
  Array.from({ length: count }, (_, i) =>
    at(50 + (i * metres) / 111_195, 8, { ms: i * seconds * 1000, eleM: eleM(i) }),
  );

it('distances and bearings are within 0.6 % and a quarter degree of the ellipsoid’s geodesic (GeographicLib, WGS 84)', () => {
  const random = seededNumbers(4);
  for (let i = 0; i < 40; i++) {
    const a = at(-70 + 140 * random(), -180 + 360 * random());
    const b = at(a.latDeg + (random() - 0.5) * 0.05, a.lonDeg + (random() - 0.5) * 0.05);
    const { s12, azi1 } = Geodesic.WGS84.Inverse(a.latDeg, a.lonDeg, b.latDeg, b.lonDeg);
    expect(Math.abs(distanceM(a, b) / s12! - 1)).toBeLessThan(0.006);
    expect(Math.abs(((bearingDeg(a, b) - azi1! + 540) % 360) - 180)).toBeLessThan(0.25);
  }
});

it('a steady ride: length, time, speed and way; nothing is left out', () => {
  const track = trackReport(north(101, 10, 2))!;
  expect(track.lengthM).toBeCloseTo(1000, 0);
  expect(track.movingS).toBeCloseTo(200, 9);
  expect(track.usualMps).toBeCloseTo(5, 2);
  expect(track.oneWay).toBeCloseTo(1, 6);
  expect(Math.min(track.headingDeg, 360 - track.headingDeg)).toBeLessThan(0.1);
  expect([track.jumps, track.still, track.steepestDeg]).toEqual([0, 0, null]);
});

it('pauses, jumps and time that runs back are told and do not count', () => {
  const ride = north(61, 10, 2);
  const paused = [
    ...ride.slice(0, 30),
    ...Array.from({ length: 20 }, (_, i) => ({ ...ride[29]!, ms: ride[29]!.ms! + (i + 1) * 2000 })),
    ...ride.slice(30).map((p) => ({ ...p, ms: p.ms! + 40_000 })),
  ];
  const jumped = [...paused.slice(0, 10), { ...paused[10]!, latDeg: 51 }, ...paused.slice(10), { ...paused[5]! }];
  const track = trackReport(jumped)!;
  expect(track.still).toBe(20);
  expect(track.jumps).toBeGreaterThanOrEqual(2);
  expect(track.pausedS).toBeCloseTo(40, 6);
  expect(track.lengthM).toBeCloseTo(600, 0);
  expect(track.usualMps).toBeCloseTo(5, 1);
});

it('a slope of 10 % over 500 m is 5.7° and 50 m of drop; noise of a metre adds no climb', () => {
  const random = seededNumbers(8);
  const track = trackReport(north(51, 10, 2, (i) => 100 - i + (random() - 0.5)))!;
  expect(track.steepestDeg).toBeGreaterThan(4.5);
  expect(track.steepestDeg).toBeLessThan(7.5);
  expect(track.dropM).toBeGreaterThan(45);
  expect(track.dropM).toBeLessThan(53);
  expect(track.climbM).toBe(0);
});

it('a loop goes no way on the whole; what never moves, or has one point, is no track', () => {
  const loop = Array.from({ length: 73 }, (_, i) =>
    at(45 + 0.01 * Math.cos((i * Math.PI) / 36), 7 + 0.014 * Math.sin((i * Math.PI) / 36)),
  );
  expect(trackReport(loop)!.oneWay).toBeLessThan(0.02);
  expect(trackReport([at(1, 1)])).toBeNull();
  expect(trackReport([at(1, 1), at(1, 1)])).toBeNull();
  expect(trackReport([])).toBeNull();
});

it('without times there is no speed, and the way is told all the same', () => {
  const track = trackReport(north(11, 10, 2).map((p) => ({ ...p, ms: null })))!;
  expect([track.usualMps, track.movingS, track.startMs]).toEqual([null, null, null]);
  expect(track.lengthM).toBeCloseTo(100, 0);
});

it('the eight ways of a track have their shares of its length', () => {
  // 300 m north, 100 m east, 600 m south-west.
  const along = [
    { alongM: 300, headingDeg: 2 },
    { alongM: 400, headingDeg: 91 },
    { alongM: 1000, headingDeg: 225 },
  ];
  expect(octantsOf(along)).toEqual([0.3, 0, 0.1, 0, 0, 0.6, 0, 0]);
  expect(octantsOf([{ alongM: 10, headingDeg: 359 }])[0]).toBe(1);
  expect(octantsOf([])).toEqual(new Array(8).fill(1 / 8));
});
