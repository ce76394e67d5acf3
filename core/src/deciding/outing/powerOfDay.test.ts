import { ridgeLoop } from '../../../testing/outings';
import { measuredWatts, percentLeft } from '../../physics/lasting/batteryMeter';
import type { Outing } from './records/outingRecord';
import { powerOfDay } from './powerOfDay';

const first = ridgeLoop();
const [shot] = first.shots;
const day = (uses: readonly object[], supplies?: Outing['supplies']): Outing => ({
  ...first,
  ...(supplies ? { supplies } : {}),
  shots: uses.map((use, i) => ({
    ...shot!,
    id: `s${i}`,
    hour: { at: `1${uses.length - i}:00`, headingDeg: null },
    use,
  })),
});

it('a camera’s shots follow each other by their hours; what the line falls by is what they take', () => {
  const { cameras } = powerOfDay(day([{ hours: 2 }, { hours: 3, start: 'running' }]));
  expect(cameras).toHaveLength(1);
  const [camera] = cameras;
  // The second of the list is the earlier.
  expect(camera!.shots.map((s) => s.shotId)).toEqual(['s1', 's0']);
  expect(camera!.line.at(-1)!.hours).toBeCloseTo(5, 9);
  const fallen = camera!.line.slice(1).reduce((sum, p, i) => sum + Math.max(0, camera!.line[i]!.left - p.left), 0);
  const swaps = camera!.line.filter((p, i) => i > 0 && p.left === 1 && camera!.line[i - 1]!.left === 0).length;
  expect(camera!.batteries).toBe(swaps + 1);
  expect(fallen).toBeGreaterThan(swaps);
  expect(fallen).toBeLessThanOrEqual(swaps + 1);
  for (const { left } of camera!.line) {
    expect(left).toBeGreaterThanOrEqual(0);
    expect(left).toBeLessThanOrEqual(1);
  }
});

it('fed from the power bank nothing is taken; more chargers are done sooner', () => {
  const fed = powerOfDay(day([{ hours: 2, start: 'running', feed: 'power bank' }])).cameras[0]!;
  expect([fed.batteries, fed.line.at(-1)]).toEqual([1, { hours: 2, left: 1 }]);
  const with_ = (bays: number) =>
    powerOfDay(day([{ hours: 6, start: 'running' }], { cameras: [], bays, eveningH: 2 })).chargeH;
  expect(with_(1)).toBeCloseTo(3 * with_(3), 9);
});

it('a shot whose place is lost is left out', () => {
  const whole = day([{ hours: 1 }, { hours: 1 }]);
  const lost = { ...whole.shots[0]!, setUp: { ...whole.shots[0]!.setUp, spotId: 'own-gone' } };
  expect(powerOfDay({ ...whole, shots: [lost, whole.shots[1]!] }).cameras[0]!.shots.map((s) => s.shotId)).toEqual([
    's1',
  ]);
});

it('what a camera drew is found from what it showed, to a twentieth; too little says nothing', () => {
  for (const watts of [2.2, 4.8, 7]) {
    const shown = Array.from({ length: 50 }, (_, i) => ({ recordedMin: i / 2, percent: percentLeft(6, watts, i / 2) }));
    expect(measuredWatts(shown, 6)! / watts).toBeGreaterThan(0.95);
    expect(measuredWatts(shown, 6)! / watts).toBeLessThan(1.05);
  }
  expect(
    measuredWatts(
      [
        { recordedMin: 0, percent: 100 },
        { recordedMin: 2, percent: 97 },
      ],
      6,
    ),
  ).toBeNull();
  expect(measuredWatts([], 6)).toBeNull();
  expect(percentLeft(6, 6, 600)).toBe(0);
});
