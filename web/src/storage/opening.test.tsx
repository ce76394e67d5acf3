import { act, renderHook } from '@testing-library/react';
import { database } from './database';
import { openStore, useOpening } from './opening';
import { trouble } from './trouble';

const opening = () => renderHook(() => useOpening()).result;
const named = (name: string, message = '') => Object.assign(new Error(message), { name });
const wait = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] }));
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});
const opens = (how: () => unknown) => jest.spyOn(database, 'open').mockImplementation(how as never);

it('opens', async () => {
  opens(() => Promise.resolve());
  openStore();
  expect(opening().current.kind).toBe('opening');
  await wait(1);
  expect(opening().current.kind).toBe('open');
});

it.each([
  ['denied', () => Promise.reject(named('SecurityError')), /does not let this page store/],
  [
    'missing',
    () => {
      throw named('MissingAPIError');
    },
    /private window/,
  ],
  ['full', () => Promise.reject(named('QuotaExceededError')), /full: make room/],
  ['of a newer version', () => Promise.reject(named('VersionError')), /newer version/],
] as const)('a store that is %s is told at once', async (_, how, says) => {
  opens(how);
  openStore();
  await wait(1);
  expect(opening().current).toEqual({ kind: 'shut', because: expect.stringMatching(says) as string });
});

it('one that never answers is told within five seconds, and taken when it answers after all', async () => {
  let answer = (): void => undefined;
  opens(() => new Promise<void>((resolve) => (answer = resolve)));
  openStore();
  await wait(3900);
  expect(opening().current.kind).toBe('opening');
  await wait(1000);
  expect(opening().current).toMatchObject({
    kind: 'shut',
    because: expect.stringContaining('does not answer') as string,
  });
  answer();
  await wait(1);
  expect(opening().current.kind).toBe('open');
});

it('an older window that holds it, and a newer one that wants it, are told apart', async () => {
  const close = jest.spyOn(database, 'close').mockImplementation(() => undefined);
  opens(() => new Promise(() => undefined));
  openStore();
  act(() => void database.on('blocked').fire({} as never));
  expect(opening().current).toMatchObject({ because: expect.stringContaining('close that window') as string });
  act(() => void database.on('versionchange').fire({} as never));
  expect(close).toHaveBeenCalled();
  expect(opening().current.kind).toBe('taken');
});

it('names what befell the store inside, whatever wraps it', () => {
  const wrapped = Object.assign(named('AbortError', 'aborted'), { inner: named('QuotaExceededError') });
  expect(trouble(wrapped)).toMatch(/full/);
  expect(trouble(named('Strange', 'something else'))).toBe('something else');
  expect(trouble(named('Strange'))).toMatch(/no reason/);
});
