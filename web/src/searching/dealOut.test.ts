import { dealOut } from './dealOut';

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const numbers = (count: number) => Array.from({ length: count }, (_, i) => i);
/** One after the other, whatever a worker has at hand. */
const oneByOne = <Job>(jobs: readonly Job[]) => {
  const left = [...jobs];
  return () => left.shift() ?? null;
};

it('every job is asked once, in order, of whoever is free, and every answer taken', async () => {
  const asked: [string, number][] = [];
  const taken: [number, number][] = [];
  await dealOut({
    workers: ['quick', 'slow'],
    next: oneByOne<number>(numbers(9)),
    ahead: 1,
    goesOn: () => true,
    async ask(worker, job) {
      asked.push([worker, job]);
      await later(worker === 'quick' ? 2 : 15);
      return job * 10;
    },
    take: (result, job) => taken.push([job, result]),
  });
  expect(asked.map(([, job]) => job)).toEqual(numbers(9));
  expect(taken.map(([job]) => job).sort((a, b) => a - b)).toEqual(numbers(9));
  expect(taken.every(([job, result]) => result === job * 10)).toBe(true);
  // Nobody waits for the other: the quick one has done most.
  expect(asked.filter(([worker]) => worker === 'quick').length).toBeGreaterThan(5);
});

it('a worker has as many at hand as it is to have', async () => {
  let [now, most] = [0, 0];
  await dealOut({
    workers: ['one'],
    next: oneByOne<number>(numbers(8)),
    ahead: 3,
    goesOn: () => true,
    async ask() {
      most = Math.max(most, ++now);
      await later(2);
      now--;
      return 1;
    },
    take: () => undefined,
  });
  expect(most).toBe(3);
});

it('once it does not go on, nothing more is asked and nothing more taken', async () => {
  let going = true;
  const taken: number[] = [];
  let asked = 0;
  await dealOut({
    workers: ['a', 'b'],
    next: oneByOne<number>(numbers(50)),
    ahead: 1,
    goesOn: () => going,
    async ask(_, job) {
      asked++;
      await later(1);
      return job;
    },
    take(_, job) {
      taken.push(job);
      if (taken.length === 4) going = false;
    },
  });
  expect(taken).toHaveLength(4);
  expect(asked).toBeLessThan(8);
});

it('a job may be answered by nothing; one that fails ends the dealing with its reason', async () => {
  const taken: number[] = [];
  const deal = (ask: (job: number) => Promise<number | null>) =>
    dealOut({
      workers: ['a'],
      next: oneByOne<number>(numbers(4)),
      ahead: 1,
      goesOn: () => true,
      ask: (_, job) => ask(job),
      take: (_, job) => taken.push(job),
    });
  await deal((job) => Promise.resolve(job % 2 === 0 ? null : job));
  expect(taken).toEqual([1, 3]);
  await expect(
    deal((job) => (job === 2 ? Promise.reject(new Error('worker gone')) : Promise.resolve(job))),
  ).rejects.toThrow('worker gone');
});

it('without jobs, or without workers, it ends at once', async () => {
  const ask = jest.fn();
  await dealOut({ workers: ['a'], next: oneByOne<number>([]), ahead: 1, goesOn: () => true, ask, take: ask });
  await dealOut({ workers: [], next: oneByOne<number>([1]), ahead: 1, goesOn: () => true, ask, take: ask });
  expect(ask).not.toHaveBeenCalled();
});

it('who finds nothing to do waits for the answers of others, which may bring more', async () => {
  const left = [1];
  const asked: [string, number][] = [];
  await dealOut({
    workers: ['a', 'b'],
    next: () => left.shift() ?? null,
    ahead: 1,
    goesOn: () => true,
    async ask(worker, job) {
      asked.push([worker, job]);
      await later(1);
      return job;
    },
    // Of one come two, of each of these nothing more.
    take: (job) => job === 1 && left.push(2, 3),
  });
  expect(asked.map(([, job]) => job)).toEqual([1, 2, 3]);
  expect(new Set(asked.slice(1).map(([worker]) => worker))).toEqual(new Set(['a', 'b']));
});

it('a worker is asked with what it has at hand, and each has its own', async () => {
  const left = numbers(6);
  const seen: number[] = [];
  await dealOut({
    workers: ['a', 'b'],
    next(atHand) {
      seen.push(atHand.length);
      return atHand.length > 0 ? null : (left.shift() ?? null);
    },
    ahead: 2,
    goesOn: () => true,
    ask: (_, job) => later(1).then(() => job),
    take: () => undefined,
  });
  expect(left).toEqual([]);
  expect(Math.max(...seen)).toBe(1);
});

it('after a failure nobody is asked for more', async () => {
  let asked = 0;
  const ask = (worker: string) => {
    asked++;
    return worker === 'a' ? Promise.reject(new Error('worker gone')) : later(3).then(() => 1);
  };
  await expect(
    dealOut({
      workers: ['a', 'b'],
      next: oneByOne(numbers(50)),
      ahead: 1,
      goesOn: () => true,
      ask,
      take: () => undefined,
    }),
  ).rejects.toThrow('worker gone');
  await later(20);
  expect(asked).toBe(2);
});
