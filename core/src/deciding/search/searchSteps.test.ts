import { asking } from '../../../testing/asking';
import { searchSpot, searchSteps } from './searchSpot';

const question = asking('road-bike', 'hands-and-trail');
const job = { carrierId: 'c', spotId: 'chest' };

it('step by step it comes to the same as at once, telling ever more pictures on the way', () => {
  const told: number[] = [];
  const steps = searchSteps(question, job);
  let step = steps.next();
  for (; !step.done; step = steps.next()) told.push(step.value);
  expect(step.value).toEqual(searchSpot(question, job));
  expect(told.length).toBeGreaterThan(5);
  told.reduce((before, now) => {
    expect(now).toBeGreaterThanOrEqual(before);
    return now;
  });
  expect(told.at(-1)!).toBeLessThanOrEqual(step.value.tried);
});

it('two searches that take turns do not disturb each other, and one that is given up leaves nothing behind', () => {
  const other = { carrierId: 'c', spotId: 'handlebar' };
  const [a, b, abandoned] = [searchSteps(question, job), searchSteps(question, other), searchSteps(question, job)];
  for (let i = 0; i < 4; i++) abandoned.next();
  abandoned.return(undefined as never);
  let [first, second] = [a.next(), b.next()];
  while (!first.done || !second.done) {
    if (!first.done) first = a.next();
    if (!second.done) second = b.next();
  }
  expect(first.value).toEqual(searchSpot(question, job));
  expect(second.value).toEqual(searchSpot(question, other));
});
