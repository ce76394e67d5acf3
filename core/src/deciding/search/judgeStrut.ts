import type { Candidate, CandidateFacts, Rejection, Term } from '../../judging/check/candidate';
import type { Check } from '../../judging/check/check';
import type { ShotScene } from '../../judging/scene/shotScene';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { CheckId, Verdict } from '../../words/check/result';
import type { SetUp } from '../../words/setUp/setUp';
import { candidateOf, type FoundOfStrut } from './candidateOf';
import { plainTerms } from './plainTerms';
import { sceneAt } from './sceneAt';
import type { Sketch, Spotted } from './spotted';

/** What all checks say of a strut, the cheap ones first; ends at the first rejection unless all are asked. */
export function judgedBy(
  checks: readonly Check[],
  scene: ShotScene,
  { all = false } = {},
): FoundOfStrut & { readonly rejection: Rejection | null } {
  const terms: Term[] = [];
  const verdicts: Record<CheckId, Verdict> = {};
  let facts: Partial<CandidateFacts> = {};
  let rejection: Rejection | null = null;
  for (const cost of ['cheap', 'dear'] as const) {
    for (const { id, searchTerm } of checks) {
      if (searchTerm.cost !== cost) continue;
      const judged = searchTerm.judge(scene);
      verdicts[id] = judged.verdict;
      terms.push(...judged.terms);
      facts = { ...facts, ...judged.facts };
      rejection ??= judged.rejection;
      if (rejection && !all) return { terms, facts, verdicts, rejection };
    }
  }
  return { terms: [...terms, ...plainTerms(scene)], facts, verdicts, rejection };
}

/** A strut of the rough pass through all checks; without a candidate where one of them rejects it. */
export function judgeStrut(
  spotted: Spotted,
  { sightlines, framed, horizonAt }: Sketch & { framed: FramedSetUp },
  setUp: SetUp,
): { readonly candidate: Candidate | null; readonly rejection: Rejection | null } {
  const scene = sceneAt(spotted, setUp, horizonAt, { framed, sightlines });
  const found = judgedBy(spotted.checks, scene);
  const { rejection } = found;
  return { rejection, candidate: rejection ? null : candidateOf(spotted.carrier, scene, found) };
}
