import type { Candidate, SpotResult } from '../src/judging/check/candidate';
import { exactCandidate, type ExactCandidate } from '../src/deciding/search/exactCandidate';
import { rankCandidates } from '../src/deciding/search/rankCandidates';
import { isStopped, scoreOf } from '../src/deciding/search/score';
import { searchJobs, type SearchQuestion } from '../src/deciding/search/searchQuestion';
import { searchSpot } from '../src/deciding/search/searchSpot';
import { weightsOf } from '../src/deciding/search/weights';

/** One place of a contact sheet with its best strut, checked in full. */
export interface Placed {
  readonly spotId: string;
  readonly score: number;
  readonly candidate: Candidate;
  readonly exact: ExactCandidate;
  readonly stopped: boolean;
}

/** What a search comes to, as the page tells it: different places, best first, the best strut of each checked in full. */
export interface Sheet {
  readonly places: readonly Placed[];
  readonly spots: readonly SpotResult[];
}

/** Struts of a place that are checked in full until one holds up, as the page does. */
const TRIED_A_PLACE = 4;

export function sheetOf(question: SearchQuestion, only?: readonly string[]): Sheet {
  const spots = searchJobs(question)
    .filter(({ spotId }) => !only || only.includes(spotId))
    .map((job) => searchSpot(question, job));
  const weights = weightsOf(question.ask);
  const places = spots.flatMap(({ candidates, spotId }): Placed[] => {
    const tried = rankCandidates(candidates, weights)
      .slice(0, TRIED_A_PLACE)
      .map(({ candidate }): Placed => {
        const exact = exactCandidate(question, candidate);
        const score = scoreOf(exact.candidate, weights);
        return { spotId, score, candidate: exact.candidate, exact, stopped: isStopped(exact.candidate) };
      });
    const best = tried.sort((a, b) => b.score - a.score)[0];
    return best ? [best] : [];
  });
  return { places: places.sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId)), spots };
}

export const stopWords = ({ checks }: ExactCandidate): string => {
  const stop = checks.find((c) => c.verdict === 'stop');
  return stop && 'findings' in stop ? `${stop.check}: ${stop.findings[0]!.because}` : '';
};
