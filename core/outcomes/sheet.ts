import type { SpotResult } from '../src/judging/check/candidate';
import type { ExactCandidate } from '../src/deciding/search/exactCandidate';
import { answerAt, placesOf, type Placed } from '../src/deciding/search/placesOf';
import { searchJobs, type SearchQuestion } from '../src/deciding/search/searchQuestion';

/** What a search comes to, as the page tells it: different places, best first, the best strut of each checked in full. */
export interface Sheet {
  readonly places: readonly Placed[];
  readonly spots: readonly SpotResult[];
}

export function sheetOf(question: SearchQuestion, only?: readonly string[]): Sheet {
  const answers = searchJobs(question)
    .filter(({ spotId }) => !only || only.includes(spotId))
    .map((job) => answerAt(question, job));
  return { places: placesOf(answers), spots: answers.map(({ spot }) => spot) };
}

export const stopWords = ({ checks }: ExactCandidate): string => {
  const stop = checks.find((c) => c.verdict === 'stop');
  return stop && 'findings' in stop ? `${stop.check}: ${stop.findings[0]!.because}` : '';
};
