import { expose } from 'comlink';
import { renderHook, act } from '@testing-library/react';
import { useWorkerFailure } from './failures';
import { failingWorker } from './failing';

/** A worker on the same thread: messages go to and fro in their own turns. */
class Worker extends EventTarget {
  readonly inside = new EventTarget() as EventTarget & { postMessage: (data: unknown) => void };
  terminated = false;
  constructor(readonly answers: boolean) {
    super();
    this.inside.postMessage = (data) => setTimeout(() => this.dispatchEvent(new MessageEvent('message', { data })));
  }
  postMessage(data: unknown): void {
    if (this.answers) setTimeout(() => this.inside.dispatchEvent(new MessageEvent('message', { data })));
  }
  start(): void {}
  terminate(): void {
    this.terminated = true;
  }
}
interface Api {
  double: (n: number) => number;
  break: () => never;
}
function made(answers = true) {
  const worker = new Worker(answers);
  const ended = jest.fn();
  if (answers) {
    expose(
      {
        double: (n: number) => n * 2,
        break: () => {
          throw new RangeError('too far');
        },
      },
      worker.inside as never,
    );
  }
  return { worker, ended, remote: failingWorker<Api>(worker as never, ended) };
}

it('answers, and what goes wrong in a question comes back with it', async () => {
  const { remote, ended } = made();
  expect(await remote.double(21)).toBe(42);
  await expect(remote.break()).rejects.toThrow('too far');
  expect(ended).not.toHaveBeenCalled();
});

it('one that cannot be started fails every question, tells it on the page, and is let go', async () => {
  const { worker, remote, ended } = made(false);
  const failure = renderHook(() => useWorkerFailure()).result;
  const questions = [remote.double(1), remote.double(2)];
  act(() => void worker.dispatchEvent(new Event('error')));
  for (const question of questions) await expect(question).rejects.toThrow('could not be started');
  expect(ended).toHaveBeenCalledTimes(1);
  expect(worker.terminated).toBe(true);
  expect(failure.current).toMatch(/could not be started/);
  // The next one answers: nothing is wrong any more.
  const next = made();
  await act(async () => void (await next.remote.double(1)));
  expect(failure.current).toBeNull();
});

it('an error after it has answered does not end it', async () => {
  const { worker, remote, ended } = made();
  await remote.double(1);
  worker.dispatchEvent(new Event('error'));
  expect(ended).not.toHaveBeenCalled();
  expect(await remote.double(2)).toBe(4);
});

it('an answer that is lost fails what waits for it', async () => {
  const { worker, remote } = made(false);
  const question = remote.double(1);
  worker.dispatchEvent(new Event('messageerror'));
  await expect(question).rejects.toThrow('was lost');
});

it('is no promise: a function may give it back', async () => {
  const { remote } = made();
  expect(await Promise.resolve(remote)).toBe(remote);
});
