import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import { rangeMargin } from '../../../words/check/result';
import type { IntentDefinition } from '../../../words/shot/intent';
import { ROLL_NOTICED_DEG, ROLL_WRONG_DEG } from './judgeFrame';
import { measureWant } from './wants';

/**
 * 0 to 1 for the ranking of spots: weighted mean of how far each want is met, the sky line counting as the heaviest and a lean to the side against it, times
 * one half to one by the want that is met worst, so that one spoilt thing is not averaged away.
 */
export function frameScore(framed: FramedSetUp, intent: IntentDefinition): number {
  const action = framed.stances.find((s) => s.stanceId === framed.actionStanceId)!;
  const ridden = framed.stances.reduce((sum, s) => sum + s.share, 0);
  const points: { weight: number; met: number }[] = intent.wants.map((want) => {
    const share =
      framed.stances.reduce((sum, s) => sum + s.share * measureWant(want, s.measures, framed.working).share, 0) /
      ridden;
    const [low, high] = want.share;
    const met = share < low ? share / low : share > high ? Math.max(0, 1 - (share - high) / Math.max(high, 0.05)) : 1;
    return { weight: want.weight, met };
  });
  if (intent.horizonBand) {
    const margin = rangeMargin(action.measures.horizon.heightFraction, intent.horizonBand);
    points.push({ weight: 4, met: margin >= 0 ? 1 : Math.max(0, 1 + margin / 0.3) });
  }
  const leans = Math.abs(action.measures.horizon.rollDeg) - ROLL_NOTICED_DEG;
  if (leans > 0) points.push({ weight: 3, met: Math.max(0, 1 - leans / (2 * ROLL_WRONG_DEG)) });
  const total = points.reduce((sum, p) => sum + p.weight, 0);
  const mean = points.reduce((sum, p) => sum + p.weight * p.met, 0) / total;
  return mean * (0.5 + 0.5 * Math.min(...points.map((p) => p.met)));
}
