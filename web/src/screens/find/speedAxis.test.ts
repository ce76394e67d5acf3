import { rangeOf, TICKS } from './speedAxis';

it('holds every candidate and the speed of the eyes, from tick to tick', () => {
  for (const feels of [[], [1.4, 2.2], [0.07, 0.4], [8, 30], [0.12, 19]]) {
    const { min, max } = rangeOf(feels);
    expect([TICKS.includes(min), TICKS.includes(max)]).toEqual([true, true]);
    for (const feel of [1, ...feels]) expect([feel > min, feel < max]).toEqual([true, true]);
  }
  expect(rangeOf([1.4, 2.2])).toEqual({ min: 0.5, max: 5 });
});

it('ends where its ticks end: what is off the scale is drawn at its edge', () => {
  expect(rangeOf([0.001, 500])).toEqual({ min: 0.05, max: 50 });
});
