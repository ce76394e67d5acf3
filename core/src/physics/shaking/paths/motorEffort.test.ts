import { shakeAt } from '../../../../testing/shakes';
import { shakeOf } from '../whole/shakeOf';
import { motorEffort, windAtHeight } from './motorEffort';

it('is one at the usual speed in still air, and goes with the square of speed far above', () => {
  expect(motorEffort(15, 15, 0)).toBeCloseTo(1, 6);
  expect(motorEffort(150, 15, 0) / motorEffort(75, 15, 0)).toBeCloseTo(4, 1);
});

it('hovering is nearly still, a little speed calmer yet, and gusts shake it at any speed (common practice, no source)', () => {
  const hover = motorEffort(0, 15, 0);
  const slow = motorEffort(5, 15, 0);
  expect(hover).toBeLessThan(0.6);
  expect(slow).toBeLessThan(0.75 * hover);
  expect(motorEffort(12, 15, 0)).toBeGreaterThan(1.5 * slow);
  for (const v of [0, 5, 15]) expect(motorEffort(v, 15, 2)).toBeGreaterThan(1.2 * motorEffort(v, 15, 0.3));
});

it('wind is as told at ten metres, stronger above, and never negative', () => {
  expect(windAtHeight(8, 10)).toBe(8);
  expect(windAtHeight(8, 100)).toBeGreaterThan(10);
  expect(windAtHeight(8, 0)).toBeGreaterThan(0);
});

it('reaches the picture: hovering steadier than fast, rough air worse than calm, clean blades less than wind', () => {
  const at = (over: object, stance = 'forward') =>
    shakeOf({
      ...shakeAt('multirotor', 'belly', {}, { groundId: 'calm-air', windMps: 2, ...over }),
      actionStanceId: stance,
    });
  const calm = at({});
  expect(at({}, 'hover').jump).toBeLessThan(0.7 * calm.jump);
  expect(at({ groundId: 'rough-air' }).jump).toBeGreaterThan(1.3 * calm.jump);
  expect(at({ speedMps: 20 }).jump).toBeGreaterThan(1.5 * at({ speedMps: 6 }).jump);
  const nicked = at({ blades: 'nicked' });
  expect(nicked.jelly).toBeGreaterThan(1.1 * calm.jelly);
  expect(nicked.jump - calm.jump).toBeLessThan(at({ groundId: 'rough-air' }).jump - calm.jump);
});
