import { inSlices } from './inSlices';

/** Counts up to an end, each step as long as that. */
function* counting(to: number, stepMs: number): Generator<number, string> {
  for (let n = 1; n <= to; n++) {
    const until = performance.now() + stepMs;
    while (performance.now() < until);
    yield n;
  }
  return `counted to ${to}`;
}

it('gives what the steps come to, and lets other messages in between', async () => {
  const order: string[] = [];
  setTimeout(() => order.push('asked in between'));
  order.push(await inSlices(counting(40, 4), { everyMs: 10 }));
  expect(order).toEqual(['asked in between', 'counted to 40']);
});

it('tells how far it is no oftener than it pauses, and never backward', async () => {
  const told: number[] = [];
  const [everyMs, begun] = [10, performance.now()];
  await inSlices(counting(20, 2), { everyMs, told: (n) => told.push(n) });
  expect(told.length).toBeGreaterThan(0);
  expect(told.length).toBeLessThanOrEqual((performance.now() - begun) / everyMs);
  expect(told).toEqual([...told].sort((a, b) => a - b));
});

it('what is done before the first pause is never stopped; what is stopped in a pause goes no further', async () => {
  expect(await inSlices(counting(3, 0), { everyMs: 1000, stopped: () => true })).toBe('counted to 3');
  let last = 0;
  const stopped = await inSlices(counting(50, 3), {
    everyMs: 5,
    told: (n) => (last = n),
    stopped: () => last > 4,
  });
  expect(stopped).toBeNull();
  expect(last).toBeLessThan(50);
});

it('two at a time both come to their end', async () => {
  const both = await Promise.all([
    inSlices(counting(8, 3), { everyMs: 5 }),
    inSlices(counting(6, 3), { everyMs: 5, stopped: () => false }),
  ]);
  expect(both).toEqual(['counted to 8', 'counted to 6']);
});

it('a step that fails is told to who asked', async () => {
  function* failing(): Generator<number, string> {
    yield 1;
    throw new RangeError('no such place');
  }
  await expect(inSlices(failing(), { everyMs: 0 })).rejects.toThrow('no such place');
});

it('what goes behind waits while something else is under way, whichever was asked first', async () => {
  const order: string[] = [];
  const behind = inSlices(counting(6, 4), { everyMs: 2, behind: true }).then(() => order.push('behind'));
  const inFront = inSlices(counting(30, 4), { everyMs: 2 }).then(() => order.push('in front'));
  await Promise.all([behind, inFront]);
  expect(order).toEqual(['in front', 'behind']);
});

it('what fails in front lets those behind go on', async () => {
  function* failing(): Generator<number, string> {
    yield 1;
    throw new RangeError('no such place');
  }
  const behind = inSlices(counting(4, 3), { everyMs: 1, behind: true });
  await expect(inSlices(failing(), { everyMs: 0 })).rejects.toThrow('no such place');
  expect(await behind).toBe('counted to 4');
});
