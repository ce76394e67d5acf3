import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import {
  bestOrder,
  EXACT_UP_TO,
  exactOrder,
  goodOrder,
  timedOrder,
  type Between,
  type Job,
  type Ordered,
} from './bestOrder';

const permutations = (n: number): number[][] =>
  n === 0
    ? [[]]
    : permutations(n - 1).flatMap((p) =>
        Array.from({ length: n }, (_, at) => [...p.slice(0, at), n - 1, ...p.slice(at)]),
      );

/** Jobs and work between them at random, windows on some. */
function problem(n: number, seed: number, windows: number): { jobs: Job[]; between: Between } {
  const random = seededNumbers(seed);
  const work = Array.from({ length: n + 1 }, () => Array.from({ length: n }, () => Math.round(random() * 20)));
  const jobs = Array.from({ length: n }, (): Job => {
    const minutes = 5 + Math.round(random() * 20);
    const from = Math.round(random() * 200);
    return random() < windows ? { minutes, window: [from, from + 60] } : { minutes };
  });
  return { jobs, between: (from, to) => work[from ?? n]![to]! };
}

const brute = (jobs: readonly Job[], between: Between): Ordered =>
  permutations(jobs.length)
    .map((order) => timedOrder(jobs, between, 0, order))
    .reduce((a, b) => (b.lateMin < a.lateMin - 1e-9 || (b.lateMin < a.lateMin + 1e-9 && b.endMin < a.endMin) ? b : a));

it.each([0, 0.4, 1])('up to seven jobs the exact order is that of trying all of them (windows on %d)', (windows) => {
  for (let seed = 1; seed <= 12; seed++) {
    const { jobs, between } = problem(3 + (seed % 5), seed, windows);
    const [found, tried] = [exactOrder(jobs, between, 0), brute(jobs, between)];
    expect([found.lateMin, found.endMin]).toEqual([expect.closeTo(tried.lateMin, 9), expect.closeTo(tried.endMin, 9)]);
    expect([...found.order].sort()).toEqual(jobs.map((_, i) => i));
  }
});

it('the quick way comes within a tenth of the exact one over eight jobs, and never below it', () => {
  let worst = 0;
  for (let seed = 1; seed <= 30; seed++) {
    const { jobs, between } = problem(8, seed, 0);
    const [quick, exact] = [goodOrder(jobs, between, 0), exactOrder(jobs, between, 0)];
    expect(quick.endMin).toBeGreaterThanOrEqual(exact.endMin - 1e-9);
    worst = Math.max(worst, quick.endMin / exact.endMin - 1);
  }
  expect(worst).toBeLessThan(0.1);
});

it('waits for a window, and is late for one that has passed', () => {
  const none: Between = () => 0;
  const jobs: Job[] = [{ minutes: 10, window: [100, 130] }, { minutes: 200 }];
  const found = bestOrder(jobs, none, 0);
  expect(found.order).toEqual([0, 1]);
  expect(found.begins).toEqual([100, 110]);
  expect(timedOrder(jobs, none, 0, [1, 0]).lateMin).toBe(70);
});

it('nothing to do is done at once; sixty jobs are ordered, all of them once', () => {
  expect(bestOrder([], () => 1, 30)).toEqual({ order: [], begins: [], lateMin: 0, endMin: 30 });
  const { jobs, between } = problem(60, 5, 0);
  const found = bestOrder(jobs, between, 0);
  expect(jobs.length).toBeGreaterThan(EXACT_UP_TO);
  expect([...found.order].sort((a, b) => a - b)).toEqual(jobs.map((_, i) => i));
  expect(found.endMin).toBeLessThan(
    timedOrder(
      jobs,
      between,
      0,
      jobs.map((_, i) => i),
    ).endMin,
  );
});
