import { renderHook } from '@testing-library/react';
import { useQuiet } from './useQuiet';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('what waits for a still hand', () => {
  it('runs once a rest, and is ended as soon as the hand stirs', () => {
    const end = jest.fn();
    const run = jest.fn(() => end);
    renderHook(() => useQuiet('bike', 4000, run));
    jest.advanceTimersByTime(3999);
    expect(run).not.toHaveBeenCalled();
    jest.advanceTimersByTime(1);
    expect(run).toHaveBeenCalledTimes(1);
    jest.advanceTimersByTime(20_000);
    expect(run).toHaveBeenCalledTimes(1);
    expect(end).not.toHaveBeenCalled();
    window.dispatchEvent(new Event('pointermove'));
    expect(end).toHaveBeenCalledTimes(1);
    jest.advanceTimersByTime(4000);
    expect(run).toHaveBeenCalledTimes(2);
    expect(end).toHaveBeenCalledTimes(1);
  });

  it.each(['pointermove', 'pointerdown', 'keydown', 'wheel'])('begins anew at a %s', (stir) => {
    const run = jest.fn(() => () => undefined);
    renderHook(() => useQuiet('bike', 4000, run));
    jest.advanceTimersByTime(3900);
    window.dispatchEvent(new Event(stir));
    jest.advanceTimersByTime(3900);
    expect(run).not.toHaveBeenCalled();
    jest.advanceTimersByTime(100);
    expect(run).toHaveBeenCalledTimes(1);
  });

  it('waits again for another key and runs what is newest; gone, it never runs', () => {
    const runs: string[] = [];
    const { rerender, unmount } = renderHook(
      ({ key }) => useQuiet(key, 1000, () => (runs.push(key), () => undefined)),
      {
        initialProps: { key: 'bike' },
      },
    );
    jest.advanceTimersByTime(500);
    rerender({ key: 'kayak' });
    jest.advanceTimersByTime(999);
    expect(runs).toEqual([]);
    jest.advanceTimersByTime(1);
    expect(runs).toEqual(['kayak']);
    rerender({ key: 'buggy' });
    unmount();
    jest.advanceTimersByTime(5000);
    expect(runs).toEqual(['kayak']);
  });
});
