import { bikeRig } from '../../../../testing/rigs';
import { trainerAnswer, trainerRounds } from './trainer';

const rounds = trainerRounds([bikeRig()], 5);

it('ten rounds, none twice, the same for the same seed, half of them told by the posture', () => {
  expect(rounds).toHaveLength(10);
  expect(new Set(rounds.map((r) => r.setUp.spotId + r.stanceId)).size).toBe(10);
  expect(trainerRounds([bikeRig()], 5)).toEqual(rounds);
  expect(trainerRounds([bikeRig()], 6)).not.toEqual(rounds);
  expect(rounds.filter((r) => Math.abs(r.answerDeg - r.standingDeg) >= 6).length).toBeGreaterThanOrEqual(5);
  expect(trainerRounds([], 5)).toEqual([]);
});

it('the answer brings the horizon where it is wanted; more sky the higher the guess', () => {
  for (const round of rounds) {
    const right = trainerAnswer(round, round.answerDeg);
    expect(right.offDeg).toBe(0);
    expect(right.horizonAt).toBeCloseTo(round.wantedHeight, 6);
    expect(right.words).toMatch(/^Right/);
    expect(trainerAnswer(round, round.answerDeg + 4).horizonAt).toBeGreaterThan(round.wantedHeight);
    expect(trainerAnswer(round, round.answerDeg + 4).words).not.toMatch(/low/);
  }
});

it('a chest camera levelled while standing is told as what it is', () => {
  const round = trainerRounds([bikeRig()], 1, 40).find(
    (r) => r.setUp.spotId === 'chest' && r.answerDeg - r.standingDeg > 15,
  );
  const { words } = trainerAnswer(round!, round!.standingDeg);
  expect(words).toMatch(/right if nothing moved.*turns \d\d° forward: the level must read that much higher/);
  expect(trainerAnswer(round!, round!.standingDeg - 12).words).toMatch(/^The other way/);
});

it('far off is told by what fills the picture', () => {
  const still = trainerRounds([bikeRig()], 3, 30).find((r) => Math.abs(r.answerDeg - r.standingDeg) < 2)!;
  expect(trainerAnswer(still, still.answerDeg + 70).words).toMatch(/70° too high: nothing but sky/);
  expect(trainerAnswer(still, still.answerDeg - 70).words).toMatch(/70° too low: nothing but ground/);
  expect(trainerAnswer(still, still.answerDeg + 4).words).toMatch(/^Near: 4° too high/);
});
