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

it('what stops the simplest strut is named before what the many arms and heavier cameras meet', () => {
  const rejected = new Rejected();
  const reason = (because: string) => ({ check: 'hold', because, mend: null });
  for (let k = 0; k < 5; k++) rejected.add(reason('the arm droops'));
  rejected.add(reason('the pad lets go'), true);
  rejected.add(reason('the pad lets go'));
  expect(rejected.all().map(({ because, times }) => [because, times])).toEqual([
    ['the pad lets go', 2],
    ['the arm droops', 5],
  ]);
});
