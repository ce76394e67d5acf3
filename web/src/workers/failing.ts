import { wrap, type Remote } from 'comlink';
import { questions } from './atRest';
import { tellFailure } from './failures';

const NOT_STARTED =
  'the part of the program that computes could not be started: reload this page, and if that does not help, look whether the browser lets pages run workers';

/**
 * A worker whose questions fail when it does: by itself it would leave them waiting for ever.
 * @param ended told once when it failed; the next question should go to another
 */
export function failingWorker<Api>(worker: Worker, ended: () => void = () => undefined): Remote<Api> {
  const remote = wrap<Api>(worker) as unknown as Record<string, (...asked: unknown[]) => Promise<unknown>>;
  const waiting = new Set<(error: Error) => void>();
  let answered = false;
  const fail = (because: string) => {
    for (const reject of waiting) reject(new Error(because));
    waiting.clear();
    ended();
  };
  // One that has answered has started: what goes wrong in it later comes back with the question.
  worker.addEventListener('error', (event) => {
    if (answered) return;
    event.preventDefault();
    fail(NOT_STARTED);
    tellFailure(NOT_STARTED);
    worker.terminate();
  });
  worker.addEventListener('messageerror', () => fail('an answer of the part that computes was lost: try again'));
  const ask = (name: string, asked: unknown[]) =>
    new Promise((resolve, reject) => {
      waiting.add(reject);
      const settled =
        <Value>(settle: (value: Value) => void) =>
        (value: Value) => {
          waiting.delete(reject);
          if (!answered) tellFailure(null);
          answered = true;
          settle(value);
        };
      void remote[name]?.(...asked).then(settled(resolve), settled(reject));
    });
  return new Proxy({} as Remote<Api> & object, {
    // A promise that resolves with it must not take it for a promise.
    get: (_, name) =>
      typeof name === 'string' && name !== 'then'
        ? (...asked: unknown[]) => questions.counted(ask(name, asked))
        : undefined,
  });
}
