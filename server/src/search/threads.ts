import { Worker } from 'node:worker_threads';
import type { SpotAnswer } from '@strut-spot/core';
import { answerTask, type Task } from './searchShot';

/** What a thread sends back. */
export interface Done {
  readonly number: number;
  readonly answer: SpotAnswer;
}

/**
 * All tasks, each on the next thread that is free; answers in the order of the tasks, whoever did them.
 * @param threads 1 = on this one @param script what a thread runs @throws Error what a thread threw
 */
export async function answered(
  tasks: readonly Task[],
  threads: number,
  script: URL,
  told: (done: number) => void = () => undefined,
): Promise<readonly SpotAnswer[]> {
  if (threads <= 1)
    return tasks.map((task, number) => {
      const answer = answerTask(task);
      told(number + 1);
      return answer;
    });
  const answers: SpotAnswer[] = [];
  let next = 0;
  let done = 0;
  await Promise.all(
    Array.from(
      { length: Math.min(threads, tasks.length) },
      () =>
        new Promise<void>((resolve, reject) => {
          const worker = new Worker(script);
          const give = () => {
            if (next < tasks.length) worker.postMessage({ number: next, task: tasks[next++] });
            else void worker.terminate().then(() => resolve());
          };
          worker.on('message', ({ number, answer }: Done) => {
            answers[number] = answer;
            told(++done);
            give();
          });
          worker.once('error', reject);
          give();
        }),
    ),
  );
  return answers;
}
