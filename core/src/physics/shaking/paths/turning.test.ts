import { shakeAt } from '../../../../testing/shakes';
import { USUAL_ENDS } from '../ends/rangeEnds';
import { shakeScene } from '../whole/shakeScene';
import { routeTo } from './route';
import { rollOf, steeringOf } from './turning';

const ROUGH = { groundId: 'rooty-trail', speedMps: 6, lightId: 'bright-sun' } as const;

/** Variance of the turning by the steering, rad² for a hertz at a frequency. */
function steered(machineId: string, spotId: string, frequencyHz: number, speedMps = 6): number {
  const { rig, actionStanceId: stanceId, setUp } = shakeAt(machineId, spotId, {}, ROUGH);
  const { placed } = shakeScene(shakeAt(machineId, setUp.spotId, {}, ROUGH)).resolved;
  const ride = { ...shakeAt(machineId, spotId, {}, ROUGH).ride, speedMps };
  const [found] = steeringOf(routeTo({ rig, placed, stanceId, ride }), ride, USUAL_ENDS);
  return found ? found.drive.weight(frequencyHz, 1) : 0;
}

it('what is clamped to the bars is turned by bumps at the front wheel, what sits on the head tube or the rider is not', () => {
  for (const machineId of ['mountain-bike', 'road-bike', 'motorcycle'])
    expect(steered(machineId, 'handlebar', 5)).toBeGreaterThan(0);
  for (const spotId of ['head-tube-side', 'chest', 'under-saddle']) expect(steered('mountain-bike', spotId, 5)).toBe(0);
  expect(steered('coupe', 'dash', 5)).toBe(0);
});

it('slow bumps carry the whole bike along, fast ones find bars and arms too heavy, standing still nothing turns', () => {
  const degrees = (f: number) => (Math.sqrt(steered('mountain-bike', 'handlebar', f) * f) * 180) / Math.PI;
  const near = degrees(5);
  // Bars that jerk by more than a few degrees several times a second throw people off. Common practice, no source.
  expect(near).toBeGreaterThan(0.05);
  expect(near).toBeLessThan(3);
  expect(degrees(0.3)).toBeLessThan(near);
  expect(degrees(40)).toBeLessThan(near / 20);
  expect(steered('mountain-bike', 'handlebar', 5, 0)).toBe(0);
});

it('two tracks that differ lean a car and yaw it by v·δ/(ωL), a tenth of the lean steered; one track does neither', () => {
  const ride = { groundId: 'rooty-trail', speedMps: 20, lightId: 'bright-sun' } as const;
  const turning = (machineId: string, spotId: string) => {
    const question = shakeAt(machineId, spotId, {}, ride);
    const { placed } = shakeScene(question).resolved;
    const route = routeTo({ rig: question.rig, placed, stanceId: question.actionStanceId, ride: question.ride });
    return { route, found: rollOf(route, question.ride, USUAL_ENDS) };
  };
  const { route, found } = turning('coupe', 'dash');
  const [lean, yaw] = found.map(
    ({ drive }) =>
      (f: number) =>
        Math.sqrt(drive.weight(f, 1)),
  );
  const { front, rear } = route.shake.ride as { front: { xM: number }; rear: { xM: number } };
  for (const f of [1, 4]) {
    expect(yaw!(f) / lean!(f)).toBeCloseTo((0.1 * 20) / (2 * Math.PI * f * (front.xM - rear.xM)), 9);
  }
  expect(turning('mountain-bike', 'handlebar').found).toEqual([]);
});
