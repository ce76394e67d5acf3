import { act, renderHook } from '@testing-library/react';
import { useLatest } from './useLatest';
import { useRested } from './useRested';

/** A job that ends when told. */
function controlled() {
  const open: { key: string; end: (value: string) => void; fail: (error: Error) => void }[] = [];
  const job = (key: string) => () => new Promise<string>((end, fail) => open.push({ key, end, fail }));
  return { open, job };
}

describe('only the newest question', () => {
  it('runs one job at a time and drops those in between', async () => {
    const { open, job } = controlled();
    const { result, rerender } = renderHook(({ key }) => useLatest(key, job(key)), { initialProps: { key: 'a' } });
    rerender({ key: 'b' });
    rerender({ key: 'c' });
    expect(open.map((o) => o.key)).toEqual(['a']);
    await act(async () => open[0]!.end('A'));
    expect(open.map((o) => o.key)).toEqual(['a', 'c']);
    expect(result.current).toMatchObject({ value: 'A', busy: true });
    await act(async () => open[1]!.end('C'));
    expect(result.current).toEqual({ value: 'C', busy: false, problem: null });
  });

  it('keeps the last value when a job fails, and says what failed', async () => {
    const { open, job } = controlled();
    const { result, rerender } = renderHook(({ key }) => useLatest(key, job(key)), { initialProps: { key: 'a' } });
    await act(async () => open[0]!.end('A'));
    rerender({ key: 'b' });
    await act(async () => open[1]!.fail(new Error('no spot')));
    expect(result.current).toEqual({ value: 'A', busy: false, problem: 'no spot' });
    rerender({ key: 'c' });
    await act(async () => open[2]!.end('C'));
    expect(result.current).toEqual({ value: 'C', busy: false, problem: null });
  });

  it('does nothing without a key, and nothing more once it is gone', async () => {
    const { open, job } = controlled();
    const { rerender, unmount } = renderHook(({ key }: { key: string | null }) => useLatest(key, job(String(key))), {
      initialProps: { key: null as string | null },
    });
    expect(open).toHaveLength(0);
    rerender({ key: 'a' });
    rerender({ key: 'b' });
    unmount();
    await act(async () => open[0]!.end('A'));
    expect(open).toHaveLength(1);
  });
});

describe('a key that rests', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is given only after it has stayed the same for long enough', () => {
    const { result, rerender } = renderHook(({ key }) => useRested(key, 100), { initialProps: { key: 'a' } });
    expect(result.current).toBeNull();
    act(() => void jest.advanceTimersByTime(60));
    rerender({ key: 'b' });
    act(() => void jest.advanceTimersByTime(60));
    expect(result.current).toBeNull();
    act(() => void jest.advanceTimersByTime(60));
    expect(result.current).toBe('b');
  });
});
