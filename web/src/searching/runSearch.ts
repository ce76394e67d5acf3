import {
  rankCandidates,
  weightsOf,
  sheetCards,
  type Candidate,
  type SearchJob,
  type SearchQuestion,
  type SpotResult,
} from '@strut-spot/core';
import { proxy } from 'comlink';
import { searching } from '../workers/core';
import { dealOut } from './dealOut';
import { candidatesOf, NOTHING, triedIn, type SearchState } from './searchState';

/** So many at most are cast exactly and checked in full, until the first of the sheet are among them. */
const MOST_CHECKED = 60;
/** Of these a worker has so many at hand, so that it need not wait for the page. */
const AHEAD = 2;
/** The count is told so often: each time the page is put together anew, which takes from the search where there is no graphics card. */
const TOLD_EVERY_MS = 400;
/** Pictures on the sheet's first screens that must differ. */
export const VARIED = 8;

/** What a worker is asked: to search a spot, or to check one candidate in full. */
type Task = { readonly job: SearchJob } | { readonly candidate: Candidate };

interface Running {
  /** False as soon as another search has begun or this one was stopped. */
  readonly goesOn: () => boolean;
  readonly show: (state: SearchState) => void;
  readonly tried: (pictures: number) => void;
}

/** Every spot by the rough pass, then the best in full. @returns what was found; null when it was stopped on the way */
export async function runSearch(
  question: SearchQuestion,
  { goesOn, show, tried }: Running,
): Promise<SearchState | null> {
  const begun = performance.now();
  const workers = searching();
  let state: SearchState = { ...NOTHING, phase: 'searching' };
  const become = (next: Partial<SearchState>) => {
    state = { ...state, ...next };
    if (goesOn()) show(state);
  };
  tried(0);
  become({});
  // Finding the spots poses the carrier: not for the page's own thread.
  const jobs = await workers[0]!.searchJobs(question);
  become({ jobs: jobs.length });
  const under = new Map<SearchJob, number>();
  let lastTold = -Infinity;
  const count = () => {
    if (performance.now() - lastTold < TOLD_EVERY_MS) return;
    lastTold = performance.now();
    tried(triedIn(state.spots) + [...under.values()].reduce((a, b) => a + b, 0));
  };
  // In the order of the carrier's spots, whoever was quicker.
  const order = (s: SpotResult) => jobs.findIndex((j) => j.carrierId === s.carrierId && j.spotId === s.spotId);
  const left = [...jobs];
  const checked = new Set<string>();
  /** Of those that the sheet begins with the best that nobody has checked in full: what a check stops makes room for the next. */
  const nextFinalist = (): Candidate | null => {
    if (checked.size >= MOST_CHECKED) return null;
    const first = sheetCards(rankCandidates(candidatesOf(state), weightsOf(question.ask)), VARIED).slice(0, VARIED);
    const found = first.find(({ ranked }) => !checked.has(ranked.candidate.id))?.ranked.candidate;
    if (found) checked.add(found.id);
    return found ?? null;
  };
  const takeSpot = (result: SpotResult, job: SearchJob) => {
    under.delete(job);
    const done = state.done + 1;
    become({
      done,
      spots: [...state.spots, result].sort((a, b) => order(a) - order(b)),
      ...(done === jobs.length ? { phase: 'checking' } : {}),
    });
    count();
    if (done === jobs.length) tried(triedIn(state.spots));
  };
  await dealOut<(typeof workers)[number], Task, () => void>({
    workers,
    ahead: AHEAD,
    goesOn,
    next(atHand) {
      // Not beside a spot, which takes all that a worker has.
      if (atHand.some((task) => 'job' in task)) return null;
      if (left.length > 0) return atHand.length > 0 ? null : { job: left.shift()! };
      // Whoever has no spot left begins with the best so far, while others still search.
      const candidate = nextFinalist();
      return candidate && { candidate };
    },
    async ask(worker, task) {
      if ('candidate' in task) {
        const result = await worker.exactCandidate(question, task.candidate);
        return () => become({ exact: new Map(state.exact).set(task.candidate.id, result) });
      }
      const { job } = task;
      under.set(job, 0);
      const told = proxy((n: number) => {
        if (!under.has(job)) return;
        under.set(job, n);
        count();
      });
      const result = await worker.searchSpot(question, job, told);
      return result && (() => takeSpot(result, job));
    },
    take: (take) => take(),
  });
  if (!goesOn()) return null;
  become({ phase: 'done', seconds: (performance.now() - begun) / 1000 });
  return state;
}
