import type { WorldId } from '../../words/carrier/land';
import type { LightId } from '../../words/ride/lights';
import type { FrameShares } from '../../words/shot/frameGroup';

/** How bright the sky is beside sunlit ground, by what is in it: estimates 3 to 6, common practice; a white sky is the brighter one. */
const SKY: Readonly<Record<LightId, number>> = {
  'bright-sun': 4,
  'hazy-sun': 5,
  'cloudy-bright': 6,
  overcast: 6,
  sunset: 8,
  dusk: 6,
  'street-night': 0.2,
};
/** Ground beside the usual trail or road: snow throws back four to five times as much light. Estimate. */
const GROUND: Readonly<Record<WorldId, number>> = { trail: 1, road: 1, snow: 4.5, water: 0.8, air: 1 };
/** Machine, clothes and hands, mostly dark. Estimate. */
const OWN = 0.6;

/**
 * By how many stops the ground comes out darker (negative) or brighter than it should, where the automatic exposure makes the mean of the
 * picture a middle grey. Zero where nothing but ground is seen.
 */
export function groundOffStops(shares: FrameShares, lightId: LightId, world: WorldId): number {
  const ground = GROUND[world];
  const land = shares.way + shares.ground;
  const own = shares.hands + shares.machine + shares.rider + shares.face + shares.subject + shares.own;
  const all = land + own + shares.sky;
  if (all <= 0 || land <= 0) return 0;
  const mean = (land * ground + own * Math.min(OWN, ground) + shares.sky * SKY[lightId]) / all;
  return -Math.log2(mean / ground);
}
