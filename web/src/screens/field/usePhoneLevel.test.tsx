import { act, renderHook } from '@testing-library/react';
import { usePhoneLevel } from './usePhoneLevel';

const FLAT_KEY = 'strut-spot-level-flat';
class Sensor extends Event {
  static requestPermission: (() => Promise<'granted' | 'denied'>) | undefined;
  constructor(
    readonly beta: number | null,
    readonly gamma: number | null,
  ) {
    super('deviceorientation');
  }
}
const turned = (beta: number | null, gamma: number | null) =>
  act(() => void window.dispatchEvent(new Sensor(beta, gamma)));
/** Held so for long enough that what was before is forgotten. */
async function held(beta: number, gamma: number) {
  for (let i = 0; i < 30; i++) {
    await act(() => jest.advanceTimersByTimeAsync(100));
    turned(beta, gamma);
  }
}
const started = async () => {
  const hook = renderHook(() => usePhoneLevel());
  await act(() => hook.result.current.start());
  return hook;
};
const offDeg = (up: readonly [number, number, number] | null) => (Math.acos(Math.min(1, up![2])) * 180) / Math.PI;

beforeEach(() => {
  localStorage.clear();
  jest.useFakeTimers();
  Sensor.requestPermission = undefined;
  Object.assign(globalThis, { DeviceOrientationEvent: Sensor });
});
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'DeviceOrientationEvent');
});

describe('whether there is a level at all', () => {
  it('off until it is asked for, and off again', async () => {
    const { result } = await started();
    expect(result.current.state).toBe('starting');
    turned(0, 0);
    expect(result.current.state).toBe('reading');
    act(() => result.current.stop());
    expect([result.current.state, result.current.up]).toEqual(['off', null]);
    turned(5, 5);
    expect(result.current.state).toBe('off');
  });

  it('a machine that gives no reading has none, after a second and a half', async () => {
    const { result } = await started();
    await act(() => jest.advanceTimersByTimeAsync(1400));
    expect(result.current.state).toBe('starting');
    await act(() => jest.advanceTimersByTimeAsync(200));
    expect(result.current.state).toBe('no sensor');
  });

  it('nor has one without the sensor, nor one that tells nothing of how it lies', async () => {
    Reflect.deleteProperty(globalThis, 'DeviceOrientationEvent');
    expect((await started()).result.current.state).toBe('no sensor');
    Object.assign(globalThis, { DeviceOrientationEvent: Sensor });
    const { result } = await started();
    turned(null, null);
    expect(result.current.state).toBe('starting');
  });

  it('where the browser asks first, a no is a no, and so is an error', async () => {
    Sensor.requestPermission = () => Promise.resolve('denied');
    expect((await started()).result.current.state).toBe('refused');
    Sensor.requestPermission = () => Promise.reject(new Error('not from a press'));
    expect((await started()).result.current.state).toBe('refused');
    Sensor.requestPermission = () => Promise.resolve('granted');
    expect((await started()).result.current.state).toBe('starting');
  });
});

describe('what it reads', () => {
  it('up, straight out of the screen while it lies flat, and as far off as it is turned', async () => {
    const { result } = await started();
    await held(0, 0);
    expect(offDeg(result.current.up)).toBeLessThan(0.1);
    await held(20, 0);
    expect(offDeg(result.current.up)).toBeCloseTo(20, 1);
  });

  it('a jerk is damped: it is not shown at once', async () => {
    const { result } = await started();
    await held(0, 0);
    await act(() => jest.advanceTimersByTimeAsync(70));
    turned(40, 0);
    expect(offDeg(result.current.up)).toBeLessThan(30);
  });
});

describe('a level that is off by itself', () => {
  it('is put right by laying it down twice, turned half round between, and keeps it', async () => {
    const { result, unmount } = await started();
    expect(result.current.calibrated).toBe(false);
    // Its sensor reads 3° where it lies flat: the same either way round.
    await held(3, 0);
    act(() => result.current.calibrate());
    expect([result.current.halfway, result.current.calibrated]).toEqual([true, false]);
    await held(3, 0);
    act(() => result.current.calibrate());
    expect([result.current.halfway, result.current.calibrated]).toEqual([false, true]);
    expect(offDeg(result.current.up)).toBeLessThan(0.2);
    unmount();
    const again = await started();
    await held(13, 0);
    expect(again.result.current.calibrated).toBe(true);
    expect(offDeg(again.result.current.up)).toBeCloseTo(10, 0);
  });

  it('a table that is not level is no error of the telephone', async () => {
    const { result } = await started();
    // Half round, what the table leans turns its sign.
    await held(4, 0);
    act(() => result.current.calibrate());
    await held(-4, 0);
    act(() => result.current.calibrate());
    await held(10, 0);
    expect(offDeg(result.current.up)).toBeCloseTo(10, 0);
  });

  it('without a reading nothing is put right; what was kept and makes no sense is left', async () => {
    localStorage.setItem(FLAT_KEY, '[0, 0, "up"]');
    const { result } = renderHook(() => usePhoneLevel());
    act(() => result.current.calibrate());
    expect([result.current.halfway, result.current.calibrated]).toEqual([false, false]);
    localStorage.setItem(FLAT_KEY, '{not json');
    expect(renderHook(() => usePhoneLevel()).result.current.calibrated).toBe(false);
  });
});
