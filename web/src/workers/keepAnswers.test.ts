import { KeptAnswers } from './keepAnswers';

const picture = (widthPx: number, n = 0) => [{ widthPx, n }];

it('a question is asked once, also while its answer is under way; another question anew', async () => {
  const kept = new KeptAnswers();
  const ask = jest.fn().mockResolvedValueOnce('first').mockResolvedValueOnce('other');
  const both = [kept.of('report', [{ shot: 1 }], ask), kept.of('report', [{ shot: 1 }], ask)];
  expect(await Promise.all(both)).toEqual(['first', 'first']);
  expect(await kept.of('report', [{ shot: 2 }], ask)).toBe('other');
  expect(await kept.of('report', [{ shot: 1 }], ask)).toBe('first');
  expect(ask).toHaveBeenCalledTimes(2);
});

it('what failed, what is not kept and what was forgotten is asked anew', async () => {
  const kept = new KeptAnswers();
  const ask = jest.fn().mockRejectedValueOnce(new Error('gone')).mockResolvedValue('there');
  await expect(kept.of('card', ['a'], ask)).rejects.toThrow('gone');
  expect(await kept.of('card', ['a'], ask)).toBe('there');
  kept.forget();
  await kept.of('card', ['a'], ask);
  expect(ask).toHaveBeenCalledTimes(3);
  await kept.of('parseOuting', ['a'], ask);
  await kept.of('parseOuting', ['a'], ask);
  expect(ask).toHaveBeenCalledTimes(5);
});

it('the oldest goes first, and small pictures push no fine one out', async () => {
  const kept = new KeptAnswers();
  const ask = jest.fn().mockResolvedValue('drawn');
  await kept.of('picture', picture(896), ask);
  for (let n = 0; n < 200; n++) await kept.of('picture', picture(144, n), ask);
  await kept.of('picture', picture(896), ask);
  await kept.of('picture', picture(144, 199), ask);
  expect(ask).toHaveBeenCalledTimes(201);
  await kept.of('picture', picture(144, 0), ask);
  expect(ask).toHaveBeenCalledTimes(202);
});
