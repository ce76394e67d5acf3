import { act, renderHook } from '@testing-library/react';
import { useRested } from './useRested';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms));

it('tells the key once it has rested, and nothing while it moves', () => {
  const { result, rerender } = renderHook(({ key }) => useRested(key, 200), { initialProps: { key: 'a' } });
  expect(result.current).toBeNull();
  pass(150);
  rerender({ key: 'b' });
  pass(150);
  // "a" had 300 ms, but not in one piece.
  expect(result.current).toBeNull();
  pass(50);
  expect(result.current).toBe('b');
  rerender({ key: 'c' });
  expect(result.current).toBeNull();
  pass(200);
  expect(result.current).toBe('c');
});
