import { newAsk, type Outing, type Shot } from '@strut-spot/core';
import { readKitBox } from '../storage/kitBox';
import { searching } from '../workers/core';
import { searchQuestionOf } from './searchQuestion';

/** Spots a worker. */
const PREPARED = 2;
const warmed = new Set<string>();

/**
 * Lets every searching worker pose the shot's carrier and search one spot of it, so that the first real search starts at full speed, with
 * something to show at once where the question is still the same. Once a carrier.
 */
export async function warmSearch(outing: Outing, shot: Shot): Promise<void> {
  const carrier = outing.carriers.find((c) => c.id === shot.carrierId);
  if (!carrier) return;
  const key = JSON.stringify(carrier.rig);
  if (warmed.has(key)) return;
  warmed.add(key);
  const workers = searching();
  const ask = shot.ask ?? newAsk(shot.intentId, shot.carrierId);
  const question = searchQuestionOf(outing, shot, { ...ask, carrierIds: [shot.carrierId] }, await readKitBox());
  const jobs = await workers[0]!.searchJobs(question);
  await Promise.all(
    workers.map(async (worker, i) => {
      for (let n = 0; n < PREPARED; n++) {
        const job = jobs[i + n * workers.length];
        if (job) await worker.prepareSpot(question, job);
      }
    }),
  );
}
