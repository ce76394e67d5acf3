import { parentPort } from 'node:worker_threads';
import { answerTask, type Task } from './searchShot';
import type { Done } from './threads';

/** A thread of a search: takes a task at a time. */
parentPort!.on('message', ({ number, task }: { readonly number: number; readonly task: Task }) => {
  const done: Done = { number, answer: answerTask(task) };
  parentPort!.postMessage(done);
});
