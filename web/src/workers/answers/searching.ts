import {
  exactCandidate,
  searchJobs,
  searchSteps,
  type Candidate,
  type SearchJob,
  type SearchQuestion,
  type SpotResult,
} from '@strut-spot/core';
import { inSlices } from './inSlices';

/** Spots that were searched before anybody asked, by question and spot. */
const prepared = new Map<string, SpotResult>();
const MOST_PREPARED = 6;
const PAUSED_EVERY_MS = 60;
let stops = 0;

/** Runs a search with pauses in which it can be stopped: null when it was. */
function untilStopped(steps: Generator<number, SpotResult>, told: (tried: number) => void): Promise<SpotResult | null> {
  const mine = stops;
  return inSlices(steps, { everyMs: PAUSED_EVERY_MS, told, stopped: () => mine !== stops });
}

/** Weights only rank what is found. */
const preparedKey = ({ ask, ...rest }: SearchQuestion, job: SearchJob): string =>
  JSON.stringify([{ ...rest, ask: { ...ask, weights: {} } }, job]);

/** The search for spots, spot by spot, with pauses in which it can be stopped. */
export const searching = {
  searchJobs: (question: SearchQuestion) => searchJobs(question),
  /** @param told how many pictures have been looked at, a few times a second @returns null when it was stopped on the way */
  searchSpot(question: SearchQuestion, job: SearchJob, told: (tried: number) => void) {
    const key = preparedKey(question, job);
    const ready = prepared.get(key);
    prepared.delete(key);
    return ready ?? untilStopped(searchSteps(question, job), told);
  },

  /** The same before it is asked for, its best checked in full: the spot is kept until it is asked for. */
  async prepareSpot(question: SearchQuestion, job: SearchJob): Promise<void> {
    const spot = await untilStopped(searchSteps(question, job), () => {});
    if (!spot) return;
    const [best] = spot.candidates;
    if (best) exactCandidate(question, best);
    prepared.set(preparedKey(question, job), spot);
    if (prepared.size > MOST_PREPARED) prepared.delete(prepared.keys().next().value!);
  },

  /** Ends the search of a spot that is under way. */
  stopSearching(): void {
    stops++;
  },

  exactCandidate: (question: SearchQuestion, candidate: Candidate) => exactCandidate(question, candidate),
};
