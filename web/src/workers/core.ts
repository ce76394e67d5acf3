import { wrap, type Remote } from 'comlink';
import type { CoreWorker } from './core.worker';

const start = (): Remote<CoreWorker> =>
  wrap<CoreWorker>(
    new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-core' }),
  );

/** One draws the coarse picture under the hand, one the fine picture when it rests, one judges at length, one does everything else. */
export const drawing = start();
export const refining = start();
export const judging = start();
export const computing = start();

let searchers: readonly Remote<CoreWorker>[] | null = null;

/** Two or more that search; started with the first search. */
export const searching = (): readonly Remote<CoreWorker>[] =>
  (searchers ??= Array.from({ length: Math.max(2, Math.min(4, (navigator.hardwareConcurrency || 2) - 1)) }, start));

/** Every worker that is running. */
export const allWorkers = (): readonly Remote<CoreWorker>[] => [
  drawing,
  refining,
  judging,
  computing,
  ...(searchers ?? []),
];
