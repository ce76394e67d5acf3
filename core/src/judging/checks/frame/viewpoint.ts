import { clamp } from '../../../mathematics/units/angle';
import { WHOLE_FROM_M, type mostSeenFrom } from '../../../physics/framing/whereFrom';
import type { StanceFrame } from '../../../physics/framing/stanceFrame';
import { worseOf, type Verdict } from '../../../words/check/result';

/** A craft whose nose and tail lie farther apart than this, as the lens sees them, is not seen from outside. Estimate 130 to 160. */
const WIDEST_SPAN_DEG = 145;

/**
 * What a picture with most ends of a craft lacks to be one from outside: the verdict, and why, in words; null where it is one. Nose or tail hidden is a
 * blemish where people sit in the open; behind glass as well there is no outside in it.
 */
export function seenFromWithin({
  lengthwise: { bothEnds, spanDeg },
  riderBehindGlass,
  underRoof,
}: Pick<StanceFrame, 'lengthwise' | 'riderBehindGlass' | 'underRoof'>): {
  readonly verdict: Verdict;
  readonly because: string;
} | null {
  if (spanDeg !== null && spanDeg > WIDEST_SPAN_DEG)
    return {
      verdict: 'stop',
      because: `from so near nose and tail lie ${Math.round(spanDeg)}° apart, ${WIDEST_SPAN_DEG}° at most is wanted`,
    };
  if (bothEnds) return null;
  const hidden = 'nose or tail is hidden or cut off';
  if (underRoof) return { verdict: 'stop', because: `${hidden}, and the lens is under the roof` };
  if (riderBehindGlass) return { verdict: 'stop', because: `${hidden}, and who rides in it is behind glass` };
  return { verdict: 'watch', because: hidden };
}

/** With fewer of its ends than this share of what is asked a craft is not whole. Estimate 0.5 to 0.75. */
const ENDS_MISSED = 0.6;

/** What stops every picture of a whole craft from a place, in words; null where one may be taken. @param ends of the craft that are wanted, as a share of all */
export function neverWhole(most: ReturnType<typeof mostSeenFrom>, ends: number): string | null {
  const within = seenFromWithin(most);
  if (within?.verdict === 'stop') return within.because;
  return most.endsInFrame < ends * ENDS_MISSED ? 'most ends of the craft are hidden from there' : null;
}

/** A craft without whoever rides it is met so far. A weight of ranking, no measurement. */
const WITHOUT_RIDER = 0.4;
/** One that is not seen from outside is met so far. A weight of ranking, no measurement. */
const FROM_WITHIN = 0.5;

/**
 * How far a picture holds a craft as a whole with whoever rides it: the verdict, what it counts for in the ranking (0 to 1), and what is lacking, in
 * words; empty where nothing is. @param ends that are wanted, as a share of all
 */
export function craftSeen(
  stance: StanceFrame,
  ends: number,
): { readonly verdict: Verdict; readonly counts: number; readonly because: readonly string[] } {
  const { endsInFrame, riderInFrame, fromTrunkM } = stance;
  const within = seenFromWithin(stance);
  const fewEnds = endsInFrame < ends;
  const headless = riderInFrame === false;
  const atTheBody = fromTrunkM !== null && fromTrunkM < WHOLE_FROM_M;
  const lacks: readonly (readonly [Verdict, string] | null)[] = [
    within && [within.verdict, within.because],
    fewEnds
      ? [
          endsInFrame < ends * ENDS_MISSED ? 'stop' : 'watch',
          `only ${Math.round(endsInFrame * 5)} of its 5 ends (nose, tail, sides, top) lie in the picture`,
        ]
      : null,
    headless ? ['stop', 'the rider’s head is not in the picture'] : null,
    atTheBody ? ['stop', `${fromTrunkM.toFixed(2)} m from the rider’s own waist no whole figure is seen`] : null,
  ];
  const told = lacks.flatMap((lack) => (lack ? [lack] : []));
  return {
    verdict: told.reduce<Verdict>((worst, [verdict]) => worseOf(worst, verdict), 'good'),
    counts: Math.min(1, endsInFrame / ends) * (within ? FROM_WITHIN : 1) * (headless || atTheBody ? WITHOUT_RIDER : 1),
    because: told.map(([, because]) => because),
  };
}

/** From how far below (or above) a face is still a face, degrees: up to the first it looks well, from the second on there is chin and nostrils. Common practice, no source. */
const STEEP_DEG = { well: 45, spoilt: 60 } as const;
/** How far from the side: up to a profile it looks well, from behind the ear it is none. Common practice, no source. */
const ASIDE_DEG = { well: 80, spoilt: 105 } as const;
/** From how near nose and chin grow: an arm's length off it looks well. Common practice of portraits, no source. */
const NEAR_M = { well: 0.45, spoilt: 0.2 } as const;
/** From below a face looks less well than from its own height, long before chin and nostrils are all of it. Common practice of portraits, no source; a weight of ranking. */
const FROM_BELOW_COSTS = 0.1;
/** What a face seen from where it is spoilt still counts. A weight of ranking, no measurement. */
const SPOILT_COUNTS = 0.3;

/** How a face is seen: the verdict, what it counts for in the ranking (0 to 1), and why, in words. */
export function faceSeen({ faceFrom }: StanceFrame): {
  readonly verdict: Verdict;
  readonly counts: number;
  readonly because: string;
} {
  if (!faceFrom) return { verdict: 'good', counts: 1, because: '' };
  const { upDeg, asideDeg, awayM } = faceFrom;
  const [steep, aside, near] = [over(Math.abs(upDeg), STEEP_DEG), over(asideDeg, ASIDE_DEG), over(awayM, NEAR_M)];
  const because = [
    steep > 0
      ? `it is seen from ${Math.round(Math.abs(upDeg))}° ${upDeg < 0 ? 'below, up the chin' : 'above'}: ${STEEP_DEG.well}° at most looks well`
      : '',
    aside > 0 ? `it is seen ${Math.round(asideDeg)}° from the front: ${ASIDE_DEG.well}° at most looks well` : '',
    near > 0
      ? `nose and chin look large from ${awayM.toFixed(2)} m: it looks well from ${NEAR_M.well.toFixed(2)} m on`
      : '',
  ];
  return {
    verdict: [steep, aside, near].map(verdictAt).reduce(worseOf),
    counts:
      (1 - (1 - SPOILT_COUNTS) * Math.min(1, Math.max(steep, aside, near))) *
      (1 - FROM_BELOW_COSTS * clamp(-upDeg / STEEP_DEG.well, 0, 1)),
    because: because.filter(Boolean).join('; '),
  };
}

/** 0 up to where it looks well, 1 where it is spoilt. */
const over = (figure: number, { well, spoilt }: { readonly well: number; readonly spoilt: number }): number =>
  Math.max(0, (figure - well) / (spoilt - well));

const verdictAt = (share: number): Verdict => (share <= 0 ? 'good' : share <= 1 ? 'watch' : 'stop');
