import { Best } from './best';

it('tells the last of the best of each kind, and nothing keeps anybody out while there are not enough', () => {
  const best = new Best(2);
  best.add('wide', 0.4);
  expect(best.least('wide')).toBe(-Infinity);
  for (const score of [0.9, 0.2, 0.6]) best.add('wide', score);
  expect(best.least('wide')).toBe(0.6);
  expect(best.least('narrow')).toBe(-Infinity);
});

it('without a limit none is ever kept out', () => {
  const best = new Best(Infinity);
  best.add('wide', 1);
  expect(best.least('wide')).toBe(-Infinity);
});
