import { agree, inARow, isPlural } from './inSentences';

it.each(['pedals', 'lines and risers', 'front truck and wheels', 'cables', 'hips', 'saddle rails'])(
  '%s are several',
  (name) => expect(isPlural(name)).toBe(true),
);
it.each(['harness', 'stem', 'canopy glass', 'front brake disc', 'boom', 'left upper arm'])('%s is one', (name) =>
  expect(isPlural(name)).toBe(false),
);
it('the verb goes with the name', () => {
  expect(agree('pedals', 'turns', 'turn')).toBe('turn');
  expect(agree('chain', 'turns', 'turn')).toBe('turns');
});
it('things in a row end with an “and”', () => {
  expect(inARow([])).toBe('');
  expect(inARow(['the stem'])).toBe('the stem');
  expect(inARow(['the stem', 'the bars'])).toBe('the stem and the bars');
  expect(inARow(['the stem', 'the bars', 'the fork'])).toBe('the stem, the bars and the fork');
});
