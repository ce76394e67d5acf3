import type { OwnShape } from '@strut-spot/core';
import { wrap, type Remote } from 'comlink';
import type { CoreWorker } from './core.worker';

/** Shapes of the user's own that every worker must know, whenever it is started. */
let shapes: readonly OwnShape[] = [];
const started: Remote<CoreWorker>[] = [];

function start(): Remote<CoreWorker> {
  const worker = wrap<CoreWorker>(
    new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-core' }),
  );
  started.push(worker);
  // Messages keep their order: what is asked afterwards finds the shapes.
  if (shapes.length > 0) void worker.registerShapes(shapes);
  return worker;
}

/** A worker that is started by the first thing asked of it: most screens need one or two. */
function startedWhenAsked(): Remote<CoreWorker> {
  let worker: Remote<CoreWorker> | null = null;
  return new Proxy({} as Remote<CoreWorker>, {
    get: (_, name: keyof CoreWorker) => (worker ??= start())[name],
  });
}

/** One draws the coarse picture under the hand, one the fine picture when it rests, one judges at length, one does everything else. */
export const drawing = startedWhenAsked();
export const refining = startedWhenAsked();
export const judging = startedWhenAsked();
export const computing = startedWhenAsked();

let searchers: readonly Remote<CoreWorker>[] | null = null;

/** Two or more that search; started with the first search. */
export const searching = (): readonly Remote<CoreWorker>[] =>
  (searchers ??= Array.from({ length: Math.max(2, Math.min(4, (navigator.hardwareConcurrency || 2) - 1)) }, start));

/** Makes shapes known to every worker; what is asked afterwards finds them. */
export async function registerShapes(known: readonly OwnShape[]): Promise<void> {
  shapes = known;
  await Promise.all(started.map((worker) => worker.registerShapes(known)));
}
