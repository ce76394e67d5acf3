import {
  answerAt,
  kitWith,
  newAsk,
  placesOf,
  searchJobs,
  searchQuestionIn,
  type Outing,
  type SearchJob,
  type SearchQuestion,
  type Shot,
  type SpotAnswer,
} from '@strut-spot/core';

/** What a thread is handed: one spot of one question. */
export interface Task {
  readonly question: SearchQuestion;
  readonly job: SearchJob;
}

/** Does a task and everything in it; on whichever thread. */
export const answerTask = ({ question, job }: Task): SpotAnswer => answerAt(question, job);

/** The question of a shot as it was asked last, or as its kind of shot asks, with every piece of the catalogue and of the outing's own. */
export function questionOf(outing: Outing, shot: Shot): SearchQuestion {
  const { cameras, bases, links, heads } = kitWith(outing.ownKit);
  const pieceIds = [...cameras, ...bases, ...links, ...heads].map(({ id }) => id);
  return searchQuestionIn(outing, shot, shot.ask ?? newAsk(shot.intentId, shot.carrierId), pieceIds);
}

export const tasksOf = (question: SearchQuestion): readonly Task[] =>
  searchJobs(question).map((job) => ({ question, job }));

/** What is printed of a shot: its places, best first, with their verdicts, and why the others have none. */
export function shotFound(shot: Pick<Shot, 'id' | 'name' | 'intentId'>, answers: readonly SpotAnswer[]) {
  const sum = (count: (answer: SpotAnswer) => number) => answers.reduce((all, answer) => all + count(answer), 0);
  return {
    id: shot.id,
    name: shot.name,
    intentId: shot.intentId,
    pictures: sum(({ spot }) => spot.tried),
    inAllStances: sum(({ spot }) => spot.inAllStances),
    places: placesOf(answers).map(({ score, stopped, candidate, exact }) => ({
      carrierId: candidate.carrierId,
      spotId: candidate.spotId,
      spotName: candidate.spotName,
      score,
      stopped,
      verdicts: Object.fromEntries(exact.checks.map(({ check, verdict }) => [check, verdict])),
      terms: Object.fromEntries(candidate.terms.map(({ id, value }) => [id, value])),
      setUp: candidate.setUp,
      horizonAt: candidate.horizonAt,
      onlyIn: candidate.onlyIn,
    })),
    nothing: answers
      .filter(({ placed }) => !placed)
      .map(({ spot: { carrierId, spotId, spotName, rejections } }) => ({
        carrierId,
        spotId,
        spotName,
        because: rejections.find(({ check }) => check !== 'fits')?.because ?? rejections[0]?.because ?? null,
      })),
  };
}
