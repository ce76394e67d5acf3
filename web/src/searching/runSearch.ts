import {
  rankCandidates,
  weightsOf,
  sheetCards,
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
/** The count is told so often: each time the page is put together anew, which takes from the search where there is no graphics card. */
const TOLD_EVERY_MS = 400;
/** Pictures on the sheet's first screens that must differ. */
export const VARIED = 8;

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
  await dealOut({
    workers,
    jobs,
    goesOn,
    ask(worker, job) {
      under.set(job, 0);
      const told = proxy((n: number) => {
        if (!under.has(job)) return;
        under.set(job, n);
        count();
      });
      return worker.searchSpot(question, job, told);
    },
    take(result, job) {
      under.delete(job);
      become({ done: state.done + 1, spots: [...state.spots, result].sort((a, b) => order(a) - order(b)) });
      count();
    },
  });
  if (!goesOn()) return null;
  tried(triedIn(state.spots));
  become({ phase: 'checking' });
  // What an exact check stops makes room for the next one, which is then checked in its turn. In rounds, so that it hangs on nobody's pace.
  while (state.exact.size < MOST_CHECKED && goesOn()) {
    const ranked = rankCandidates(candidatesOf(state), weightsOf(question.ask));
    const open = sheetCards(ranked, VARIED)
      .slice(0, VARIED)
      .map((card) => card.ranked.candidate)
      .filter((c) => !state.exact.has(c.id));
    if (open.length === 0) break;
    await dealOut({
      workers,
      jobs: open,
      goesOn,
      ahead: 2,
      ask: (worker, candidate) => worker.exactCandidate(question, candidate),
      take: (result, candidate) => become({ exact: new Map(state.exact).set(candidate.id, result) }),
    });
  }
  if (!goesOn()) return null;
  become({ phase: 'done', seconds: (performance.now() - begun) / 1000 });
  return state;
}
