import { rotationAbout } from '../../mathematics/geometry/rotation';
import { UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { neckMinutes } from './neckMinutes';

const LEVEL = rotationAbout(UP, 0);
const at = (massKg: number, ...where: Vec3) => neckMinutes(massKg, where, [0, 0, 0], LEVEL);

it('150 g with base and joint on the top of the head: an hour (common practice, no source)', () => {
  const { minutes, low, high } = at(0.19, 0, 0.34, 0);
  expect(minutes).toBeCloseTo(60, 6);
  expect(low).toBeLessThan(40);
  expect(high).toBeGreaterThan(90);
});

it('goes with the mass and the square of the lever, and is no longer than is told', () => {
  expect(at(0.38, 0, 0.34, 0).minutes).toBeCloseTo(30, 6);
  expect(at(0.19, 0, 0.68, 0).minutes).toBeCloseTo(15, 6);
  expect(at(0.01, 0, 0.34, 0)).toMatchObject({ minutes: 240, low: 240, high: 240 });
});

it('tells the directions apart: ahead it nods, to the side it leans, more so than nearer the middle', () => {
  expect(at(0.19, 0.3, 0.05, 0).mostly).toBe('nodding');
  expect(at(0.19, 0, 0.3, 0.05).mostly).toBe('leaning to the side');
  expect(at(0.19, 0.12, 0.34, 0.14).minutes).toBeLessThan(at(0.19, 0, 0.34, 0).minutes);
});

it('left or right, and whichever way the body faces, it is the same', () => {
  const plain = at(0.19, 0.1, 0.2, 0.05).minutes;
  expect(at(0.19, 0.1, 0.2, -0.05).minutes).toBeCloseTo(plain, 9);
  const turned = neckMinutes(0.19, [0.05, 0.2, -0.1], [0, 0, 0], rotationAbout(UP, 90));
  expect(turned.minutes).toBeCloseTo(plain, 9);
});
