import { fallDeg } from '../../posing/rig/groundHit';
import type { StanceFrame } from './stanceFrame';
import type { Ground } from '../../words/carrier/land';

/** A slope from here on is felt as one. Estimate 4 to 8 degrees. */
const SLOPE_DEG = 5;

/**
 * How much of the slope shows: the share of the picture that is the way ahead on the falling ground, weighted by riding time over the
 * stances that go downhill. A camera that looks level shows little of it and makes it look flat. Null where nothing falls.
 */
export function slopeShown(
  stances: readonly StanceFrame[],
  groundOf: (stanceId: string) => Ground | undefined,
): number | null {
  const falling = stances.filter((s) => {
    const ground = groundOf(s.stanceId);
    return s.share > 0 && ground !== undefined && fallDeg(ground) >= SLOPE_DEG;
  });
  const ridden = falling.reduce((sum, s) => sum + s.share, 0);
  return ridden > 0 ? falling.reduce((sum, s) => sum + (s.share / ridden) * s.measures.shares.way, 0) : null;
}
