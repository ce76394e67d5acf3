import type { SurfaceLoad } from '../loads/loads';
import type { HoldLimit } from './letGo';

/** Rubber on hard and dry, on wet, and webbing on cloth or shell. Estimates 0.6 to 1.4 times. */
export const FRICTION = { rubber: 0.6, wet: 0.25, cloth: 0.4, jaw: 0.4, metal: 0.15 } as const;

/**
 * A base that is pressed on by a force P over a half width: it lifts when pull and tipping outweigh the press, P = N + M/b; slides at
 * μ(P − N); twists at μ(P − N)·⅔b (even pressure over a disc).
 */
export function pressed(
  { pullN, shearN, tipNm, twistNm }: SurfaceLoad,
  pressN: number,
  halfWidthM: number,
  friction: number,
): HoldLimit[] {
  const left = Math.max(0, pressN - Math.max(0, pullN));
  return [
    { mode: 'lifts off', demand: Math.max(0, pullN) + tipNm / halfWidthM, limit: pressN, unit: 'N' },
    { mode: 'slides', demand: shearN, limit: friction * left, unit: 'N' },
    { mode: 'twists', demand: twistNm, limit: friction * left * (2 / 3) * halfWidthM, unit: 'N·m' },
  ];
}
