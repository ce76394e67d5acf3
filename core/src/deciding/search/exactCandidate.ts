import type { Candidate, Rejection } from '../../judging/check/candidate';
import { CHECKS } from '../../judging/checks';
import { foundBy, reportIn } from '../../judging/report/shotReport';
import { shotScene } from '../../judging/scene/shotScene';
import type { CheckResult } from '../../words/check/result';
import { closestRules, type RuleDefinition } from '../../words/rule/rule';
import { candidateOf } from './candidateOf';
import { judgedBy } from './judgeStrut';
import { shotQuestionAt } from './sceneAt';
import { searchedCarrier, type SearchQuestion } from './searchQuestion';

export interface ExactCandidate {
  readonly candidate: Candidate;
  /** The checks in full, in their order. */
  readonly checks: readonly CheckResult[];
  /** A rejection that the rough pass could not see. */
  readonly stopped: Rejection | null;
  /** Rules and cautions that fit it most closely. */
  readonly cautions: readonly RuleDefinition[];
}

/** So many are read before a place is taken; all of them stand on the sheet of Hold. */
export const MOST_CAUTIONS = 3;

/** A candidate with its picture cast ray by ray in every stance, and every check in full: terms and checks come from one scene. */
export function exactCandidate(
  question: SearchQuestion,
  { carrierId, spotId, setUp, horizonAt, id }: Candidate,
  checks = CHECKS,
): ExactCandidate {
  const carrier = searchedCarrier(question, { carrierId, spotId });
  const scene = shotScene(shotQuestionAt(carrier, question.ask, setUp, horizonAt));
  const { rejection, ...found } = judgedBy(checks, scene, { all: true });
  const report = reportIn(scene, { checks });
  return {
    candidate: { ...candidateOf(carrier, scene, found), id },
    checks: report.checks,
    stopped: rejection,
    cautions: 'hold' in report.found ? closestRules(foundBy(report, 'hold').rules, MOST_CAUTIONS) : [],
  };
}
