import { ridgeLoop } from '../../../../testing/outings';
import { foundBy, shotReport } from '../../../judging/report/shotReport';
import { shotQuestion } from '../shotQuestion';
import type { Outing } from '../records/outingRecord';
import { drawFromLog } from './drawFromLog';

const base = ridgeLoop();
const [shot] = base.shots;
const { cameraId } = shot!.setUp;
const TAKES = 2;

/** An outing whose first shot was filmed and its battery looked at, each day from full. */
const logged = (...pct: readonly (readonly [day: number, left: number])[]): Outing => ({
  ...base,
  shots: [
    {
      ...shot!,
      use: { takes: TAKES },
      log: pct.map(([day, batteryPct], i) => ({
        id: `e${i}`,
        at: `2027-02-${day}T1${i}:00:00Z`,
        done: true,
        usable: 'yes' as const,
        held: 'held' as const,
        note: '',
        batteryPct,
      })),
    },
  ],
});
const reckoned = (outing: Outing): number => {
  const { power } = foundBy(shotReport(shotQuestion(outing, outing.shots[0]!), { only: ['last'] }), 'last');
  return (100 * power.neededWh) / power.usableWh / TAKES;
};

it('nothing from no take, nor from one of which the battery was not told, nor after it was changed', () => {
  expect(drawFromLog(logged(), cameraId)).toBeNull();
  expect(drawFromLog(logged([14, 100]), cameraId)).toBeNull();
  expect(drawFromLog(logged([14, 60]), 'another-camera')).toBeNull();
});

it('a camera that draws what was reckoned stays as it is; one that draws half as much again is believed more with each day', () => {
  const each = reckoned(logged());
  const days = (n: number, times: number) =>
    drawFromLog(logged(...Array.from({ length: n }, (_, i) => [10 + i, 100 - times * each] as const)), cameraId)!;
  expect(days(3, 1)).toEqual({ factor: expect.closeTo(1, 6) as number, takes: 3 });
  const factors = [1, 3, 8].map((n) => days(n, 1.5).factor);
  // One take against the spread of its kind: exp(ln 1.5/(1 + (0.35/0.2)²)).
  expect(factors[0]).toBeCloseTo(1.5 ** (1 / (1 + (0.35 / 0.2) ** 2)), 6);
  expect(factors[1]!).toBeGreaterThan(factors[0]!);
  expect(factors[2]!).toBeLessThan(1.5);
  expect(factors[2]!).toBeGreaterThan(1.3);
});

it('takes of one day follow each other, and what is counted already is not counted twice', () => {
  const each = reckoned(logged());
  const two = logged([14, 100 - each], [14, 100 - 2 * each]);
  expect(drawFromLog(two, cameraId)).toEqual({ factor: expect.closeTo(1, 6) as number, takes: 2 });
  const counted = { ...two, supplies: { cameras: [{ cameraId, batteries: 1, cardGb: 128, drawFactor: 1.4 }] } };
  expect(drawFromLog(counted, cameraId)!.factor).toBeCloseTo(1, 6);
});
