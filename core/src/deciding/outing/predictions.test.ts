import { newOuting } from './newOuting';
import { predictionsOf, predictionWords } from './predictions';
import type { Outing } from './records/outingRecord';
import type { ClipRecord, ShakeClip, Shot } from './records/shotRecord';

const clip = (n: number, tiltByDeg: number): ClipRecord => ({
  id: `c${n}`,
  at: `2027-02-1${n}T10:00:00.000Z`,
  marks: { left: [0, 0.5], right: [1, 0.5] },
  measuredTiltDeg: 0,
  measuredRollDeg: 0,
  tiltByDeg,
  rollByDeg: 0,
  applied: true,
});
const moving = (jumpPx: number, modelJumpPx: number): ShakeClip => ({
  id: 'm',
  at: '2027-02-14T10:00:00.000Z',
  seconds: 10,
  jumpPx,
  jellyPx: 0,
  rollDeg: 0,
  modelJumpPx,
  modelJellyPx: 1,
});
const outing = (clips: readonly ClipRecord[], shakeClips?: readonly ShakeClip[]): Outing => ({
  ...newOuting('o', '2027-02-14T08:00:00.000Z'),
  riderName: 'Ada',
  shots: [{ name: 'Trail', clips, ...(shakeClips ? { shakeClips } : {}) } as Shot],
});

it('stands in the order in which the clips were taken, whoever and whichever outing', () => {
  const { tilts } = predictionsOf([outing([clip(3, -2)]), outing([clip(2, 5), clip(1, 1)])]);
  expect(tilts.map(({ id, offDeg, rider }) => [id, offDeg, rider])).toEqual([
    ['c1', 1, 'Ada'],
    ['c2', 5, 'Ada'],
    ['c3', -2, 'Ada'],
  ]);
});

it('by hand: middles of what was missed, the older half against the newer; a ratio of twice', () => {
  const words = predictionWords(
    predictionsOf([outing([clip(1, 8), clip(2, -6), clip(3, 1), clip(4, -2)], [moving(6, 3)])]),
  );
  // |8|, |6|, |1|, |2|: middle 4; older 8 and 6: 7; newer 1 and 2: 1.5. Jelly was not measured and counts as nothing.
  expect(words).toEqual([
    'Half of 4 test clips lay within 4.0° of the wanted angle; of the older half 7.0°, of the newer 1.5°.',
    'It shook 2.0 times as much as the model said before it learnt anything (middle of 1 figure).',
  ]);
});

it('as much as was said is said so; without clips there is nothing to say', () => {
  expect(predictionWords(predictionsOf([outing([], [moving(3, 3)])]))).toEqual(['It shook as much as the model said.']);
  expect(predictionWords(predictionsOf([outing([])]))).toEqual([]);
});
