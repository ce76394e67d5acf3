import { panTiltRollFromRotation, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { toRad } from '../../mathematics/units/angle';
import { levelled, turnWithinDeg } from './levelling';

/** Whether a cut turned by an angle lies within the whole picture: its four corners, one by one. */
const fits = (w: number, h: number, crop: number, turnDeg: number): boolean => {
  const [c, s] = [Math.cos(toRad(turnDeg)), Math.sin(toRad(turnDeg))];
  return [-1, 1].every((i) =>
    [-1, 1].every((j) => {
      const [x, y] = [(i * crop * w) / 2, (j * crop * h) / 2];
      return Math.abs(c * x - s * y) <= w / 2 + 1e-9 && Math.abs(s * x + c * y) <= h / 2 + 1e-9;
    }),
  );
};

it.each([
  [1920, 1080, 0.62],
  [4000, 3000, 0.62],
  [1080, 1920, 0.7],
  [1920, 1080, 0.9],
  [1000, 1000, 0.8],
])('%d × %d cut to %d turns until a corner meets the edge, and no further (held against its corners)', (w, h, crop) => {
  const most = turnWithinDeg(w, h, crop);
  for (let turn = 0; turn <= most; turn += 0.5) expect(fits(w, h, crop, turn)).toBe(true);
  expect(fits(w, h, crop, most + 0.1)).toBe(false);
});

it('the whole picture cannot be turned at all, a small one all the way', () => {
  expect(turnWithinDeg(1920, 1080, 1)).toBe(0);
  expect(turnWithinDeg(1920, 1080, 0.4)).toBe(90);
});

it('turns about the lens axis alone: pan and tilt stay, of the lean is left what goes beyond', () => {
  const read = (rollDeg: number, most: number) =>
    panTiltRollFromRotation(levelled(rotationFromPanTiltRoll({ panDeg: 30, tiltDeg: -20, rollDeg }), most));
  for (const [roll, most, left] of [
    [15, 22, 0],
    [-15, 22, 0],
    [40, 22, 18],
    [-40, 22, -18],
    [170, 180, 0],
    [12, 0, 12],
  ] as const) {
    const { panDeg, tiltDeg, rollDeg } = read(roll, most);
    expect([panDeg, tiltDeg, rollDeg].map((x) => Math.round(x * 1e6) / 1e6 + 0)).toEqual([30, -20, left]);
  }
});

it('what looks straight down has no horizon and is left as it is', () => {
  const down = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -88, rollDeg: 35 });
  expect(levelled(down, 180)).toEqual(down);
});
