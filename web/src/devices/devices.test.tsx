import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { download, fileNameOf } from './download';
import { useStandInStill } from './standInCamera';
import { useStandInLog } from './standInLogger';

const asked = jest.fn();
const answer = (ok: boolean, body: string) =>
  asked.mockResolvedValueOnce({
    ok,
    statusText: 'Bad Gateway',
    json: () => Promise.resolve().then(() => JSON.parse(body) as unknown),
    text: () => Promise.resolve(body),
    blob: () => Promise.resolve(new Blob([body])),
  });
beforeEach(() => {
  asked.mockReset();
  Object.assign(globalThis, { fetch: asked });
});

describe('a file’s name', () => {
  it.each([
    ['Ridge loop, day 2', 'ridge-loop-day-2'],
    ['Åsen og Øya', 'asen-og-øya'],
    ['Łódź ścieżka', 'łodz-sciezka'],
    ['Гребень 3', 'гребень-3'],
    ['山の道', '山の道'],
    ['../../etc/passwd', 'etc-passwd'],
    ['   ', 'untitled'],
    ['', 'untitled'],
    ['a/b\\c:d*e?f"g<h>i|j', 'a-b-c-d-e-f-g-h-i-j'],
  ])('of "%s" is %s', (title, name) => {
    expect(fileNameOf(title)).toBe(name);
  });

  it('is short enough for any disk, and ends on a letter or figure', () => {
    const name = fileNameOf('long name '.repeat(30));
    expect(name.length).toBeLessThanOrEqual(60);
  });
});

it('a download is a link that is pressed, and let go after a while', () => {
  jest.useFakeTimers();
  const urls: string[] = [];
  Object.assign(URL, { createObjectURL: () => 'blob:made', revokeObjectURL: (url: string) => urls.push(url) });
  const pressed: [string, string][] = [];
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
    pressed.push([this.download, this.href]);
  });
  download('ridge.json', '{}', 'application/json');
  expect(pressed).toEqual([['ridge.json', 'blob:made']]);
  expect(urls).toEqual([]);
  jest.advanceTimersByTime(11_000);
  expect(urls).toEqual(['blob:made']);
  jest.useRealTimers();
});

const within = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

describe('the stand-in devices', () => {
  it('the camera is asked for the set-up and the take, and gives a picture', async () => {
    answer(true, 'pixels');
    const { result } = renderHook(() => useStandInStill(), { wrapper: within });
    const blob = await act(() => result.current.mutateAsync({ file: '{"a":1}', take: 3 }));
    expect(blob.size).toBe(6);
    const [path, { method, body }] = asked.mock.calls[0] as [string, { method: string; body: string }];
    expect([path, method, JSON.parse(body)]).toEqual(['/api/stand-in/still', 'POST', { file: '{"a":1}', take: 3 }]);
  });

  it('the logger gives its log as text', async () => {
    answer(true, 'time,ax\n0,1\n');
    const { result } = renderHook(() => useStandInLog(), { wrapper: within });
    expect(await act(() => result.current.mutateAsync('{}'))).toBe('time,ax\n0,1\n');
    expect((asked.mock.calls[0] as [string])[0]).toBe('/api/stand-in/log');
  });

  it.each([
    ['in its own words', '{"problem":"no camera \\"pinhole\\""}', 'no camera "pinhole"'],
    ['by what the connection says, where it gives no words', '<p>gateway</p>', 'Bad Gateway'],
  ])('what is refused is told %s', async (_, body, says) => {
    const camera = renderHook(() => useStandInStill(), { wrapper: within }).result;
    const logger = renderHook(() => useStandInLog(), { wrapper: within }).result;
    answer(false, body);
    await act(() => expect(camera.current.mutateAsync({ file: '', take: 1 })).rejects.toThrow(says));
    answer(false, body);
    await act(() => expect(logger.current.mutateAsync('')).rejects.toThrow(says));
  });

  it('without a connection it fails with the reason, and does not wait', async () => {
    asked.mockRejectedValue(new TypeError('Failed to fetch'));
    const { result } = renderHook(() => useStandInStill(), { wrapper: within });
    await act(() => expect(result.current.mutateAsync({ file: '', take: 1 })).rejects.toThrow('Failed to fetch'));
  });
});
