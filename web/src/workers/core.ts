import type { OwnShape } from '@strut-spot/core';
import type { Remote } from 'comlink';
import type { CoreWorker } from './core.worker';
import { pictures } from './atRest';
import { failingWorker } from './failing';
import { KeptAnswers } from './keepAnswers';

/** Shapes of the user's own that every worker must know, whenever it is started. */
let shapes: readonly OwnShape[] = [];
const started = new Set<Remote<CoreWorker>>();

function start(ended: () => void): Remote<CoreWorker> {
  const worker: Remote<CoreWorker> = failingWorker<CoreWorker>(
    new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-core' }),
    () => {
      started.delete(worker);
      ended();
    },
  );
  started.add(worker);
  // Messages keep their order: what is asked afterwards finds the shapes.
  if (shapes.length > 0) void worker.registerShapes(shapes).catch(() => undefined);
  return worker;
}

/** Whoever answered: all workers know the same. */
const kept = new KeptAnswers();

type Asked = (...asked: unknown[]) => Promise<unknown>;

/**
 * A worker that is started by the first thing asked of it, and anew when it failed: most screens need one or two.
 * @param asking what is done around each question
 */
function startedWhenAsked(asking: (question: () => Promise<unknown>) => Promise<unknown>) {
  let worker: Remote<CoreWorker> | null = null;
  const running = () => (worker ??= start(() => (worker = null)));
  const remote = new Proxy({} as Remote<CoreWorker>, {
    get:
      (_, name: keyof CoreWorker) =>
      (...asked: unknown[]) =>
        kept.of(name, asked, () => asking(() => (running()[name] as unknown as Asked)(...asked))),
  });
  return { remote, running };
}

const ofPictures = (question: () => Promise<unknown>) => pictures.counted(question());

const [draws, judges, computes] = [
  startedWhenAsked(ofPictures),
  startedWhenAsked((question) => pictures.atRest().then(question)),
  startedWhenAsked((question) => question()),
];
/** Draws: the coarse picture under the hand, and the fine one in slices between. */
export const drawing = draws.remote;
/** Judges at length, once the pictures are there. */
export const judging = judges.remote;
/** Does everything else. */
export const computing = computes.remote;

/** Starts those that a page of one shot asks first: they read their code in while the page reads its own. */
export function startForShot({ searches }: { readonly searches: boolean }): void {
  computes.running();
  (searches ? judges : draws).running();
}

/** Further ones that search, where there are processors for them. */
let helpers: readonly Remote<CoreWorker>[] | null = null;
const HELPERS = Math.max(0, Math.min(4, (navigator.hardwareConcurrency || 2) - 1) - 2);

/**
 * Two or more that search. The first two are those that judge and compute: they have read their code in, know the carrier, and between the
 * steps of a search they answer what else they are asked.
 */
export const searching = (): readonly Remote<CoreWorker>[] => [
  computes.running(),
  judges.running(),
  ...(helpers ??= Array.from({ length: HELPERS }, () => start(() => (helpers = null)))),
];

/** Makes shapes known to every worker; what is asked afterwards finds them. */
export async function registerShapes(known: readonly OwnShape[]): Promise<void> {
  shapes = known;
  kept.forget();
  await Promise.all([...started].map((worker) => worker.registerShapes(known)));
}
