import type { SurfaceLoad } from '../loads/loads';
import { estimated } from '../../../words/sourced/estimated';
import type { HoldLimit } from './letGo';

/** Rubber on hard and dry, on wet, webbing on cloth or shell, jaws, metal on metal. Estimates. */
export const FRICTION = {
  rubber: estimated(0.6, 0.4, 0.85),
  wet: estimated(0.25, 0.12, 0.4),
  cloth: estimated(0.4, 0.25, 0.6),
  jaw: estimated(0.4, 0.25, 0.55),
  metal: estimated(0.15, 0.1, 0.22),
} as const;

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
