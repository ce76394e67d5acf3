import { rotationFromPanTiltRoll } from '../geometry/rotation';
import { AHEAD, length, type Vec3 } from '../geometry/vec3';
import { calibrateLens } from '../lens/lens';
import { sunDirection, sunInPicture } from './sun';

const camera = (panDeg: number, tiltDeg: number) => rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg: 0 });
/** 90° across and 58.7° high: the sky's row of a height h lies tan h / tan 29.36° of the half picture up (geometry). */
const lens = calibrateLens({
  projection: 'rectilinear',
  widthPx: 1600,
  heightPx: 900,
  fovDeg: 90,
  fovAcross: 'horizontal',
  crop: 1,
});

describe('direction to the sun', () => {
  it.each([
    [0, 0, [1, 0, 0]],
    [90, 0, [0, 0, 1]],
    [180, 0, [-1, 0, 0]],
    [-90, 30, [0, 0.5, -Math.sqrt(0.75)]],
    [37, 90, [0, 1, 0]],
  ] as const)('%d° from the way and %d° high, riding along +x', (bearingDeg, heightDeg, expected) => {
    const direction = sunDirection(AHEAD, { bearingDeg, heightDeg });
    direction.forEach((v, i) => expect(v).toBeCloseTo(expected[i]!, 12));
    expect(length(direction)).toBeCloseTo(1, 12);
  });

  it('turns with the way of travel', () => {
    const right: Vec3 = [0, 0, 1];
    sunDirection(right, { bearingDeg: 90, heightDeg: 0 }).forEach((v, i) => expect(v).toBeCloseTo([-1, 0, 0][i]!, 12));
  });
});

describe('sun in the picture', () => {
  const seen = (panDeg: number, tiltDeg: number, bearingDeg: number, heightDeg: number) =>
    sunInPicture(lens, camera(panDeg, tiltDeg), sunDirection(AHEAD, { bearingDeg, heightDeg }));

  it('up to half the height of the picture from its middle, no farther (29.36° of a 16:9 picture of 90°)', () => {
    expect(seen(0, 0, 0, 29)).toBe(true);
    expect(seen(0, 0, 0, 30)).toBe(false);
    // Looking down by ten degrees loses ten.
    expect(seen(0, -10, 0, 19)).toBe(true);
    expect(seen(0, -10, 0, 20)).toBe(false);
  });

  it('to the sides as far as the picture goes, on the side to which the lens is panned, and never behind', () => {
    expect(seen(0, 0, 44, 0)).toBe(true);
    expect(seen(0, 0, 46, 0)).toBe(false);
    expect(seen(60, 0, 90, 5)).toBe(true);
    expect(seen(-60, 0, 90, 5)).toBe(false);
    expect(seen(0, 0, 180, 5)).toBe(false);
    expect(seen(180, 0, 180, 5)).toBe(true);
  });
});
