import type { LightWish } from '../../../words/shot/ask';
import type { LightAt, LightFound } from './found/lightFound';
import { overWays, type SunOnWay } from './found/sunOnWays';
import { SHADOW } from './limits';

/** Up to so far outside of the picture the camera's own shadow brings the rest of the rider's into it, degrees. Common practice, no source. */
const SHADOW_CLEAR_DEG = 15;

/** How far a wish for the sun comes true, 0 to 1, over all ways that are ridden and the time that it takes; null where nobody knows how the sun stands. */
export function wishMet(found: Pick<LightFound, 'ways' | 'later'>, wish: LightWish): number | null {
  const at = [found, ...found.later].filter(({ ways }: Pick<LightAt, 'ways'>) => ways.length > 0);
  if (at.length === 0) return null;
  return at.reduce((sum, { ways }) => sum + overWays(ways, (way) => metOn(way, wish)), 0) / at.length;
}

function metOn({ met, toSunDeg, fromCourse, shadow }: SunOnWay, wish: LightWish): number {
  switch (wish) {
    case 'out':
      return 1 - met.share;
    case 'in':
      return met.share;
    case 'front':
      return ramp(toSunDeg, 80, 140);
    case 'behind':
      return ramp(-toSunDeg, -90, -50);
    case 'side':
      return Math.min(ramp(toSunDeg, 35, 65), ramp(-toSunDeg, -145, -115));
    case 'silhouette':
      // Dark against a bright sky: nearly into a sun that stands low.
      return ramp(-toSunDeg, -60, -30) * ramp(-fromCourse.heightDeg, -40, -15);
    case 'no-shadow':
      // Cast where there is time for it; else by where the camera's own shadow lies, straight away from the sun.
      return shadow
        ? 1 - ramp(shadow.share, SHADOW.share, 4 * SHADOW.share)
        : ramp(met.shadowBeyondDeg, 0, SHADOW_CLEAR_DEG);
  }
}

/** 0 up to a, 1 from b, between them straight. */
const ramp = (value: number, a: number, b: number): number => Math.max(0, Math.min(1, (value - a) / (b - a)));

export const WISH_WORDS: Readonly<Record<LightWish, string>> = {
  out: 'the sun out of the picture',
  in: 'the sun in the picture',
  front: 'the sun at the camera’s back',
  side: 'light from the side',
  behind: 'back light',
  silhouette: 'a silhouette against the sky',
  'no-shadow': 'no shadow of one’s own',
};
