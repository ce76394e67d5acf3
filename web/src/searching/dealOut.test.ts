import { dealOut } from './dealOut';

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const numbers = (count: number) => Array.from({ length: count }, (_, i) => i);

it('every job is asked once, in order, of whoever is free, and every answer taken', async () => {
  const asked: [string, number][] = [];
  const taken: [number, number][] = [];
  await dealOut({
    workers: ['quick', 'slow'],
    jobs: numbers(9),
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
    jobs: numbers(8),
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
    jobs: numbers(50),
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
      jobs: numbers(4),
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
  await dealOut({ workers: ['a'], jobs: [], goesOn: () => true, ask, take: ask });
  await dealOut({ workers: [], jobs: [1], goesOn: () => true, ask, take: ask });
  expect(ask).not.toHaveBeenCalled();
});
