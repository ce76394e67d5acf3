import { clearCheck } from '../../judging/checks/clear/clearCheck';
import { CHECK_ORDER, type CheckResult } from '../../words/check/result';
import { SEARCH_CHECKS } from '../../judging/checks/searchChecks';
import type { CandidateScene } from '../../judging/checks/searchCheck';
import { clearReport } from '../../physics/clearance/clearReport';
import { carrierScene } from '../../posing/scene/carrierScene';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import { evaluateShot } from '../../judging/report/evaluateShot';
import { sightlinesFrom } from '../../physics/framing/sightlines';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { spotZone } from '../../posing/rig/spotZone';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { askedIntent } from '../../posing/lookup/askedIntent';
import type { Candidate, CandidateFacts, Rejection, Term } from '../../judging/checks/candidate';
import { candidateOf } from './candidateOf';
import { plainTerms } from './plainTerms';
import { searchedCarrier, type SearchQuestion } from '../../judging/checks/searchQuestion';

export interface ExactCandidate {
  readonly candidate: Candidate;
  /** The checks in full, in their order; those that do not exist yet are left out. */
  readonly checks: readonly CheckResult[];
  /** A stop that the coarse pass could not see. */
  readonly stopped: Rejection | null;
}

/** A candidate with its picture cast ray by ray in every stance, and every check in full. */
export function exactCandidate(
  question: SearchQuestion,
  { carrierId, setUp, horizonAt, id }: Candidate,
): ExactCandidate {
  const carrier = searchedCarrier(question, carrierId);
  const { rig, actionStanceId, ride, measured } = carrier;
  const scene = carrierScene(rig, actionStanceId);
  const resolved = resolveSetUp(rig, setUp);
  const judged: CandidateScene = {
    carrier,
    ask: question.ask,
    intent: askedIntent(question.ask),
    resolved,
    pose: poseStrut(resolved, scene.setUpRig, scene.ridden[0]!.rig),
    framed: frameSetUp(rig, setUp, actionStanceId),
    sightlines: sightlinesFrom(scene, resolved),
    zone: spotZone(rig, resolved.placed.spot),
    exact: true,
    shaken: null,
  };
  let shaken = judged.shaken;
  const terms: Term[] = [];
  let facts: Partial<CandidateFacts> = {};
  let stopped: Rejection | null = null;
  for (const check of SEARCH_CHECKS) {
    const said = check.judge({ ...judged, shaken });
    stopped ??= said.stop;
    terms.push(...said.terms);
    facts = { ...facts, ...said.facts };
    shaken = said.shaken ?? shaken;
  }
  const log = measured[setUp.spotId];
  const report = evaluateShot(
    {
      rig,
      setUp,
      intentId: question.ask.intentId,
      ask: question.ask,
      actionStanceId,
      horizonAt,
      ride,
      ...(log ? { measured: log } : {}),
    },
    { framed: judged.framed },
  );
  const clear = clearCheck(clearReport({ rig, setUp, actionStanceId, ride }), resolveRig(rig).machine.family);
  const checks = [...report.checks, clear].sort((a, b) => CHECK_ORDER.indexOf(a.check) - CHECK_ORDER.indexOf(b.check));
  const stop = checks.find((c) => c.verdict === 'stop' && (c.check === 'hold' || c.check === 'clear'));
  if (stop && 'findings' in stop)
    stopped ??= { check: stop.check, because: stop.findings[0]!.because, mend: stop.findings[0]!.mend?.text ?? null };
  return {
    candidate: { ...candidateOf(judged, horizonAt, [...terms, ...plainTerms(judged)], facts, true), id },
    checks,
    stopped,
  };
}
