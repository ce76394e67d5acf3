import { newAsk, type Outing, type Shot } from '@strut-spot/core';
import { readKitBox } from '../storage/kitBox';
import { questions } from '../workers/atRest';
import { searching } from '../workers/core';
import { searchQuestionOf } from './searchQuestion';

/** Spots a worker. */
const PREPARED = 2;
/** Who goes on sooner than that only passes by. */
const STAYS_MS = 1500;
const warmed = new Set<string>();

/**
 * Lets every searching worker pose the shot's carrier and search one spot of it, so that the first real search starts at full speed, with
 * something to show at once where the question is still the same. Once a carrier, and only while nothing else is waited for.
 * @returns what ends it: what is not ready by then is left for the next time
 */
export function warmSearch(outing: Outing, shot: Shot): () => void {
  const carrier = outing.carriers.find((c) => c.id === shot.carrierId);
  const key = JSON.stringify(carrier?.rig);
  if (!carrier || warmed.has(key)) return () => undefined;
  let wanted = true;
  let preparing = false;
  const prepare = async () => {
    await questions.atRest();
    await new Promise((resolve) => setTimeout(resolve, STAYS_MS));
    await questions.atRest();
    if (!wanted) return;
    const workers = searching();
    const ask = shot.ask ?? newAsk(shot.intentId, shot.carrierId);
    const question = searchQuestionOf(outing, shot, { ...ask, carrierIds: [shot.carrierId] }, await readKitBox());
    const jobs = await workers[0]!.searchJobs(question);
    for (let n = 0; n < PREPARED; n++) {
      await questions.atRest();
      if (!wanted) return;
      preparing = true;
      await Promise.all(
        workers.map(async (worker, i) => {
          const job = jobs[i + n * workers.length];
          if (job) await worker.prepareSpot(question, job);
        }),
      );
      preparing = false;
    }
    if (wanted) warmed.add(key);
  };
  // Nobody waits for it: what fails here fails again, and is told, where it is asked for.
  void prepare().catch(() => undefined);
  return () => {
    wanted = false;
    if (preparing) for (const worker of searching()) void worker.stopSearching().catch(() => undefined);
  };
}
