import { eyeStreaming, feelOverRide, feelWords } from './speedFeel';

const wide = { widthPx: 1920, heightPx: 1080 };

it('eyes twice as high see half the speed; the shape of the picture hardly matters', () => {
  expect(eyeStreaming(wide, 1.5) / eyeStreaming(wide, 3)).toBeCloseTo(2, 9);
  expect(eyeStreaming({ widthPx: 4000, heightPx: 3000 }, 1.5) / eyeStreaming(wide, 1.5)).toBeGreaterThan(0.6);
  expect(eyeStreaming({ widthPx: 4000, heightPx: 3000 }, 1.5) / eyeStreaming(wide, 1.5)).toBeLessThan(1.7);
});

it('is the integral of y·√(x² + y²), for a square picture by another quadrature', () => {
  // Simpson's rule over 200 strips each way, a textbook quadrature.
  const n = 200;
  const h = 0.5 / n;
  const simpson = (f: (t: number) => number) => {
    let sum = 0;
    for (let i = 0; i <= n; i++) sum += (i === 0 || i === n ? 1 : i % 2 ? 4 : 2) * f(i * h);
    return (sum * h) / 3;
  };
  const integral = simpson((x) => simpson((y) => y * Math.hypot(x, y)));
  const square = { widthPx: 1000, heightPx: 1000 };
  // Both halves of the width, one half of the height, over the picture's area of one, h = 1 m, f = half the diagonal.
  expect(eyeStreaming(square, 1) * (Math.SQRT2 / 2)).toBeCloseTo(2 * integral, 4);
});

describe('over the ride', () => {
  const stance = (share: number, speedFeel: number | null) => ({ share, speedFeel });
  it('is the geometric mean by share of time, so that no stance decides alone', () => {
    expect(feelOverRide([stance(0.5, 4), stance(0.5, 1)])).toBeCloseTo(2, 12);
    expect(feelOverRide([stance(1, 1.7)])).toBeCloseTo(1.7, 12);
    expect(feelOverRide([stance(0.2, 3), stance(0.2, 3)])).toBeCloseTo(3, 12);
  });
  it('stances without ground or without time have no say; with none at all it is not known', () => {
    expect(feelOverRide([stance(0.5, null), stance(0.5, 2), stance(0, 9)])).toBeCloseTo(2, 12);
    expect(feelOverRide([stance(0.5, null)])).toBeNull();
    expect(feelOverRide([])).toBeNull();
  });
  it('a stance that stands still leaves the others their say', () => {
    expect(feelOverRide([stance(0.1, 0), stance(0.9, 2)])!).toBeGreaterThan(1);
  });
});

it('is told with its sign, and where the land smears as more than can be told apart', () => {
  expect([0.44, 3, 11.96, 12].map(feelWords)).toEqual(['0.4 ×', '3.0 ×', 'over 12 ×', 'over 12 ×']);
});
