import { keepLatest } from './keepLatest';
import { keyOf } from './keyOf';

describe('the latest results', () => {
  it('are made once, and the one longest unasked goes first', () => {
    const made: string[] = [];
    const kept = keepLatest<string>(2);
    const ask = (key: string) => kept(key, () => (made.push(key), key.toUpperCase()));
    expect([ask('a'), ask('b'), ask('a')]).toEqual(['A', 'B', 'A']);
    ask('c');
    expect(made).toEqual(['a', 'b', 'c']);
    ask('a');
    ask('b');
    expect(made).toEqual(['a', 'b', 'c', 'b']);
  });

  it('that could not be made leave nothing behind', () => {
    const kept = keepLatest<number>(2);
    expect(() =>
      kept('a', () => {
        throw new Error('no');
      }),
    ).toThrow('no');
    expect(kept('a', () => 3)).toBe(3);
  });
});

it('a key is worked out once an object, and says what counts', () => {
  const worked = jest.fn((item: { a: number; b: number }) => item.a);
  const key = keyOf(worked);
  const item = { a: 1, b: 2 };
  expect([key(item), key(item), key({ a: 1, b: 9 })]).toEqual(['1', '1', '1']);
  expect(worked).toHaveBeenCalledTimes(2);
  expect(key({ a: 2, b: 2 })).not.toBe(key(item));
});
