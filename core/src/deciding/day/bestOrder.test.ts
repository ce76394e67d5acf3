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

/** Jobs and work between them at random, windows on some, others that must come after one. */
function problem(n: number, seed: number, windows: number, afters = 0): { jobs: Job[]; between: Between } {
  const random = seededNumbers(seed);
  const work = Array.from({ length: n + 1 }, () => Array.from({ length: n }, () => Math.round(random() * 20)));
  const jobs = Array.from({ length: n }, (_, i): Job => {
    const minutes = 5 + Math.round(random() * 20);
    const from = Math.round(random() * 200);
    const window = random() < windows ? { window: [from, from + 60] as const } : {};
    // Of a later number only: what must come first never goes round in a circle.
    const after = random() < afters && i < n - 1 ? { after: [i + 1 + Math.floor(random() * (n - 1 - i))] } : {};
    return { minutes, ...window, ...after };
  });
  return { jobs, between: (from, to) => work[from ?? n]![to]! };
}

const brute = (jobs: readonly Job[], between: Between): Ordered =>
  permutations(jobs.length)
    .map((order) => timedOrder(jobs, between, 0, order))
    .reduce((a, b) => {
      if (b.misplaced !== a.misplaced) return b.misplaced < a.misplaced ? b : a;
      return b.lateMin < a.lateMin - 1e-9 || (b.lateMin < a.lateMin + 1e-9 && b.endMin < a.endMin) ? b : a;
    });

it.each([0, 0.4, 1])('up to seven jobs the exact order is that of trying all of them (windows on %d)', (windows) => {
  for (let seed = 1; seed <= 12; seed++) {
    const { jobs, between } = problem(3 + (seed % 5), seed, windows);
    const [found, tried] = [exactOrder(jobs, between, 0), brute(jobs, between)];
    expect([found.lateMin, found.endMin]).toEqual([expect.closeTo(tried.lateMin, 9), expect.closeTo(tried.endMin, 9)]);
    expect([...found.order].sort()).toEqual(jobs.map((_, i) => i));
  }
});

it('what must come first does, at the least cost that trying all orders finds; the quick way keeps to it too', () => {
  for (let seed = 1; seed <= 12; seed++) {
    const { jobs, between } = problem(4 + (seed % 4), seed, 0.4, 0.6);
    const [found, tried, quick] = [exactOrder(jobs, between, 0), brute(jobs, between), goodOrder(jobs, between, 0)];
    expect(found.misplaced).toBe(0);
    expect([found.lateMin, found.endMin]).toEqual([expect.closeTo(tried.lateMin, 9), expect.closeTo(tried.endMin, 9)]);
    expect(quick.misplaced).toBe(0);
  }
});

it('two that each should come first cannot: one is misplaced, and told so', () => {
  const jobs: Job[] = [
    { minutes: 1, after: [1] },
    { minutes: 1, after: [0] },
  ];
  expect(bestOrder(jobs, () => 0, 0).misplaced).toBe(1);
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
  expect(bestOrder([], () => 1, 30)).toEqual({ order: [], begins: [], misplaced: 0, lateMin: 0, endMin: 30 });
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
