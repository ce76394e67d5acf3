import { LAMP, streakDeg, takingS } from './streaks';

it('a lamp passed while the shutter is open: by hand, by parts of the way, and at the limits', () => {
  // By hand: 4 m aside, from 15 m to 5 m ahead: atan(4/5) − atan(4/15) = 38.66° − 14.93°.
  expect(streakDeg(10, 1)).toBeCloseTo(38.66 - 14.93, 1);
  // Summed over a thousand short ways, each its own small turn v·dt·a/(a² + d²).
  let sum = 0;
  for (let i = 0; i < 1000; i++) {
    const d = LAMP.aheadM - ((i + 0.5) / 1000) * 10;
    sum += ((10 / 1000) * LAMP.asideM) / (LAMP.asideM ** 2 + d ** 2);
  }
  expect(streakDeg(10, 1)).toBeCloseTo((sum * 180) / Math.PI, 3);
  expect(streakDeg(0, 2)).toBe(0);
  expect(streakDeg(10, 0)).toBe(0);
  // Passed and far behind: all of the way round but where it began.
  expect(streakDeg(1e6, 1)).toBeCloseTo(180 - 14.93, 1);
});

it('fifteen seconds of film at 25 a second from a still a second take six minutes and a quarter', () => {
  expect(takingS(15, 1)).toBe(375);
});
