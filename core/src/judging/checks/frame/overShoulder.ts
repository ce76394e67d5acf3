import type { StanceFrame } from '../../../physics/framing/stanceFrame';
import type { Finding, Verdict } from '../../../words/check/result';

/** A lens so far ahead of the base of the neck still looks past the shoulders: the top of a helmet does, a chest does not. Estimate 0.05 to 0.12 m. */
const BEHIND_M = 0.08;

/** Farther below the base of the neck nothing looks over a shoulder. Estimate 0.05 to 0.2 m. */
const BELOW_SHOULDERS_M = 0.1;

/** So far ahead of the shoulders or below them, beyond what is borne, it looks over none any more, metres. Estimate 0.15 to 0.3 m. */
const PAST_IT_M = 0.2;
/** In the ranking it counts for nothing a little sooner: whoever asks for a shoulder takes a place behind it where there is one. A weight of ranking, no measurement. */
const COUNTS_TO_M = 0.15;

const past = (byM: number): Verdict => (byM <= 0 ? 'good' : byM <= PAST_IT_M ? 'watch' : 'stop');

function highFinding({ overShouldersM, name }: StanceFrame): Finding | null {
  if (overShouldersM === null) return null;
  const low = overShouldersM < -BELOW_SHOULDERS_M;
  return {
    id: 'shoulder',
    label: 'height of the shoulders',
    verdict: past(-overShouldersM - BELOW_SHOULDERS_M),
    value: overShouldersM,
    unit: 'm',
    limit: [-BELOW_SHOULDERS_M, null],
    margin: overShouldersM + BELOW_SHOULDERS_M,
    because: low
      ? `the lens stands ${(-overShouldersM).toFixed(2)} m below the neck in ${name.toLowerCase()}: it looks over no shoulder`
      : `the lens is as high as the shoulders in ${name.toLowerCase()}`,
    mend: null,
  };
}

function behindFinding({ aheadOfNeckM, name }: StanceFrame): Finding | null {
  if (aheadOfNeckM === null) return null;
  const ahead = aheadOfNeckM > BEHIND_M;
  return {
    id: 'behind',
    label: 'from behind the shoulders',
    verdict: past(aheadOfNeckM - BEHIND_M),
    value: aheadOfNeckM,
    unit: 'm',
    limit: [null, BEHIND_M],
    margin: BEHIND_M - aheadOfNeckM,
    because: ahead
      ? `the lens stands ${aheadOfNeckM.toFixed(2)} m ahead of the neck in ${name.toLowerCase()}: it looks over no shoulder`
      : `the lens looks past the filmer’s shoulders in ${name.toLowerCase()}`,
    mend: null,
  };
}

/** What a picture over the filmer's shoulder lacks to be one: from behind, as high as the shoulders. */
export const overShoulderFindings = (action: StanceFrame): readonly (Finding | null)[] => [
  highFinding(action),
  behindFinding(action),
];

/** How far it is one, for the ranking: each of its conditions from 0 to 1. */
export function overShoulderMet({ aheadOfNeckM, overShouldersM }: StanceFrame): readonly number[] {
  const within = (byM: number) => Math.max(0, 1 - Math.max(0, byM) / COUNTS_TO_M);
  return [
    ...(aheadOfNeckM === null ? [] : [within(aheadOfNeckM - BEHIND_M)]),
    ...(overShouldersM === null ? [] : [within(-overShouldersM - BELOW_SHOULDERS_M)]),
  ];
}
