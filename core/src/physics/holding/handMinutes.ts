import { usual, type RangeEnd } from '../../words/sourced/ends';
import type { Grip } from '../../words/kit/grip';
import type { SurfaceLoad } from './loads/loads';

/** Longest that is told: beyond it the arm tires before the wrist does. */
const MOST_MINUTES = 15;

/**
 * How long a muscle holds a share of its greatest force: t = −1.5 + 2.1/f − 0.6/f² + 0.1/f³ minutes (Rohmert 1960, from memory; for f from 0.15
 * up, about a quarter of an hour there). Below that it is held as long as wanted.
 * @param share of the greatest moment, 0 to 1
 */
export function enduranceMinutes(share: number): number {
  if (share >= 1) return 0;
  if (share < 0.15) return MOST_MINUTES;
  return Math.min(MOST_MINUTES, Math.max(0, -1.5 + 2.1 / share - 0.6 / share ** 2 + 0.1 / share ** 3));
}

/** Minutes that a wrist bears the weight of what it holds out. The greatest moment is that of the grip: twice its force on half its width, and of two hands the couple that they make. */
export function handMinutes(
  grip: Extract<Grip, { kind: 'hand' }>,
  resting: SurfaceLoad,
  pick: RangeEnd = usual,
): number {
  const greatestNm = pick(grip.forceN) * (grip.widthM + (grip.apartM ?? 0) / 2);
  return enduranceMinutes(Math.hypot(resting.tipNm, resting.twistNm) / greatestNm);
}
