import { clockWords, widthWords, wristWords } from './handWords';

it.each([
  [0.4, 'less than a finger’s width at arm’s length'],
  [-2, 'a finger’s width at arm’s length'],
  [5.5, 'three fingers’ width at arm’s length'],
  [-11, 'a fist’s width at arm’s length'],
  [19, 'a spread hand’s width at arm’s length'],
  [31, 'three fists’ width at arm’s length'],
  [45, 'half a right angle'],
  [-88, 'a right angle'],
  [170, 'nearly round'],
])('%s° up or aside is %s', (deg, words) => expect(widthWords(deg)).toBe(words));

it('about the lens it goes by the clock, in the hand by the wrist', () => {
  expect([2, 6, -19].map(clockWords)).toEqual([
    'less than a minute of a clock’s big hand',
    '1 minute of a clock’s big hand',
    '3 minutes of a clock’s big hand',
  ]);
  expect([3, -20, 40, 80, 130].map(wristWords)).toEqual([
    'hardly a turn of the wrist',
    'a quarter turn of the wrist',
    'half a turn of the wrist',
    'a whole turn of the wrist',
    'more than the wrist turns: grip it anew',
  ]);
});
