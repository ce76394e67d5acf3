import type { FramedSetUp, StanceFrame } from '../../../physics/framing/stanceFrame';
import { rangeMargin } from '../../../words/check/result';
import type { IntentDefinition } from '../../../words/shot/intent';
import { sharpShare, softShare } from './focus';
import { ROLL_NOTICED_DEG, ROLL_WRONG_DEG, shareVerdict } from './judgeFrame';
import { overShoulderMet } from './overShoulder';
import { craftSeen, faceSeen } from './viewpoint';
import { legsOver } from './legsFinding';
import { measureWant, nearestOf, shortInAction, smallerSide, wantsHere } from './wants';

/** What lies far beside the height where it should is met so much less. A weight of ranking, no measurement. */
const OUT_OF_BAND_COSTS = 0.5;
/** A want for which Frame stops counts so much less, that a picture that is stopped by little stands behind one that is not. A weight of ranking, no measurement. */
const STOPPED_COUNTS = 0.7;
/** Where one of two hands is not seen at all, the hands are met so much less. A weight of ranking, no measurement. */
const ONE_SIDE_COSTS = 0.4;
/** What is asked of the action stance by itself is met so much less where none of it is seen then. A weight of ranking, no measurement. */
const NOT_IN_ACTION_COSTS = 0.5;
/**
 * 0 to 1 for the ranking of spots: weighted mean of how far each want is met, the sky line counting as the heaviest and a lean to the side against it, times
 * one half to one by the want that is met worst, so that one spoilt thing is not averaged away.
 */
export function frameScore(framed: FramedSetUp, intent: IntentDefinition): number {
  const action = framed.stances.find((s) => s.stanceId === framed.actionStanceId)!;
  const ridden = framed.stances.reduce((sum, s) => sum + s.share, 0);
  const points: { weight: number; met: number }[] = wantsHere(intent, framed).map((want) => {
    const share =
      framed.stances.reduce((sum, s) => sum + s.share * measureWant(want, s.measures, framed.working).share, 0) /
      ridden;
    const [low, high] = want.share;
    const within = share < low ? share / low : share > high ? metOver((share - high) / Math.max(high, 0.05)) : 1;
    const met = shareVerdict(share, want.share) === 'stop' ? within * STOPPED_COUNTS : within;
    const ends = want.ends === undefined ? 1 : craftSeen(action, want.ends).counts;
    const seen = measureWant(want, action.measures, framed.working);
    const extent = want.extent === undefined ? 1 : largeEnough(seen.extent / want.extent);
    const nearest = want.nearM === undefined ? null : nearestOf(want, action.measures, framed.working);
    const close = nearest === null ? 1 : Math.min(1, want.nearM! / nearest) ** 2;
    const band = want.heightBand;
    const placed = band && seen.height !== null ? 1 - OUT_OF_BAND_COSTS * (1 - inBand(seen.height, band)) : 1;
    const lacking = want.both ? Math.max(0, 1 - smallerSide(want, action.measures, framed.working) / (low / 4)) : 0;
    const on = want.faceOn ? faceSeen(action).counts : 1;
    const then = 1 - NOT_IN_ACTION_COSTS * shortInAction(want, action.measures, framed.working);
    return {
      weight: want.weight,
      met: on * met * ends * extent * close * placed * then * (1 - ONE_SIDE_COSTS * lacking),
    };
  });
  if (intent.horizonBand) {
    points.push({ weight: 4, met: inBand(action.measures.horizon.heightFraction, intent.horizonBand) });
  }
  const leans = Math.abs(action.measures.horizon.rollDeg) - ROLL_NOTICED_DEG;
  if (action.onItsHead) points.push({ weight: 3, met: 0 });
  else if (leans > 0) points.push({ weight: 3, met: Math.max(0, 1 - leans / (2 * ROLL_WRONG_DEG)) });
  if (intent.lensBelowM !== undefined)
    points.push({ weight: 4, met: Math.min(1, intent.lensBelowM / Math.max(action.lensHeightM, 1e-3)) ** 2 });
  if (intent.fromBehind) points.push(...overShoulderMet(action).map((met) => ({ weight: 3, met })));
  const total = points.reduce((sum, p) => sum + p.weight, 0);
  const mean = points.reduce((sum, p) => sum + p.weight * p.met, 0) / total;
  return (
    mean *
    (0.5 + 0.5 * Math.min(...points.map((p) => p.met))) *
    gimbalKept(framed) *
    (1 - Math.min(1, LEGS_COST * legsOver(framed))) *
    sharpFrom(framed, action) *
    (0.5 + 0.5 * sharpShare(framed, intent, action))
  );
}

/** What is left of a want of which there is too much, so many times what it may be: a third of the picture is still better than two. Weights of ranking, no measurement. */
const metOver = (times: number): number => (times < 0.8 ? 1 - times : 0.2 * Math.exp(-(times - 0.8) / 3));

/** Who is just more than a dot is half met, who is three times as large wholly: of two lenses the narrower one is taken for somebody far off. Common practice, no source. */
const largeEnough = (times: number): number => Math.min(1, times < 1 ? times / 2 : (1 + times) / 4);

/** 1 within a band of heights, 0 three tenths of the picture beside it. */
const inBand = (height: number, band: readonly [low: number, high: number]): number =>
  Math.max(0, Math.min(1, 1 + rangeMargin(height, band) / 0.3));

/** A leg that covers a third of the time spoils all of it: what is left comes in pieces of half a second. Common practice, no source. */
const LEGS_COST = 3;

/** Where a gimbal runs out the picture is dragged along: that share of the ride is half lost. */
function gimbalKept({ stances }: FramedSetUp): number {
  const out = stances.reduce((sum, s) => sum + (s.share > 0 && s.gimbalRunsOut ? s.share : 0), 0);
  return 1 - 0.5 * Math.min(1, out);
}

/** What is too near to be sharp costs by what it takes of the picture: a fifth where that is a quarter of it and more. */
const sharpFrom = (framed: FramedSetUp, action: StanceFrame): number =>
  1 - 0.2 * Math.min(1, softShare(framed, action) / 0.25);
