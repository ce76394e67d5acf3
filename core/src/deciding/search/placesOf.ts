import type { Candidate, SpotResult } from '../../judging/check/candidate';
import { exactCandidate, type ExactCandidate } from './exactCandidate';
import { rankCandidates } from './rankCandidates';
import { isStopped, scoreOf } from './score';
import type { SearchJob, SearchQuestion } from './searchQuestion';
import { searchSpot } from './searchSpot';
import { weightsOf } from './weights';

/** One place with its best strut, checked in full. */
export interface Placed {
  readonly spotId: string;
  readonly score: number;
  readonly candidate: Candidate;
  readonly exact: ExactCandidate;
  readonly stopped: boolean;
}

/** What a search gives at one spot: all that was found, and its best strut checked in full; null where nothing was kept. */
export interface SpotAnswer {
  readonly spot: SpotResult;
  readonly placed: Placed | null;
}

/** Struts of a place that are checked in full until one holds up. */
const TRIED_A_PLACE = 4;

/** A job by itself, whoever does the others: the same question gives the same answer. */
export function answerAt(question: SearchQuestion, job: SearchJob): SpotAnswer {
  const spot = searchSpot(question, job);
  const weights = weightsOf(question.ask);
  const [placed = null] = rankCandidates(spot.candidates, weights)
    .slice(0, TRIED_A_PLACE)
    .map(({ candidate }): Placed => {
      const exact = exactCandidate(question, candidate);
      const score = scoreOf(exact.candidate, weights);
      return { spotId: job.spotId, score, candidate: exact.candidate, exact, stopped: isStopped(exact.candidate) };
    })
    .sort((a, b) => b.score - a.score);
  return { spot, placed };
}

/** Different places, best first. */
export const placesOf = (answers: readonly SpotAnswer[]): readonly Placed[] =>
  answers
    .flatMap(({ placed }) => (placed ? [placed] : []))
    .sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId));
