import type { Ranked, ShakeQuestion } from '@strut-spot/core';
import { tieOf } from './TieLine';

const cards = [0.9, 0.895, 0.85, 0.85, 0.85].map((score, i) => ({
  ranked: { score, candidate: { id: `c${i}` } } as Ranked,
}));
const shakeOf = ({ id }: { id: string }) => ({ actionStanceId: id }) as ShakeQuestion;

it('two neighbours within a point count as equal, each with its own question', () => {
  expect(tieOf(cards, 1, shakeOf as never)).toEqual({
    rank: 1,
    before: { actionStanceId: 'c0' },
    own: { actionStanceId: 'c1' },
  });
});

it('the first has nobody before it, a better one is no equal, and beyond the fourth nobody asks', () => {
  for (const at of [0, 2, 4]) expect(tieOf(cards, at, shakeOf as never)).toBeNull();
  expect(tieOf(cards, 3, shakeOf as never)).not.toBeNull();
});
