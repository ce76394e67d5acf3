import { Rejected } from './rejected';

it('each reason stands once, the commonest first; equals by their words', () => {
  const rejected = new Rejected();
  for (const because of ['b', 'c', 'a', 'c']) rejected.add({ check: 'fits', because, mend: null });
  expect(rejected.all().map(({ because, times }) => [because, times])).toEqual([
    ['c', 2],
    ['a', 1],
    ['b', 1],
  ]);
});
