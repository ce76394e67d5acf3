import type { WorldId } from '../../words/carrier/land';
import type { LightId } from '../../words/ride/lights';
import type { FrameShares } from '../../words/shot/frameGroup';

/** How bright the sky is beside sunlit ground, by what is in it: estimates 3 to 6, common practice; a white sky is the brighter one. */
export const SKY_BESIDE_GROUND: Readonly<Record<LightId, number>> = {
  'bright-sun': 4,
  'hazy-sun': 5,
  'broken-clouds': 5,
  'cloudy-bright': 6,
  overcast: 6,
  rain: 6,
  'under-trees': 6,
  sunset: 8,
  dusk: 6,
  'street-night': 0.2,
  tunnel: 0.2,
};
/** Ground beside the usual trail or road: snow throws back four to five times as much light. Estimate. */
export const GROUND_BRIGHT: Readonly<Record<WorldId, number>> = { trail: 1, road: 1, snow: 4.5, water: 0.8, air: 1 };
/** Machine, clothes and hands, mostly dark. Estimate. */
const OWN = 0.6;
/** Stops over a middle grey at which a picture is white: log2(1/0.18). */
export const WHITE_STOPS = 2.47;

/** How far off a middle grey ground and sky come out, stops; negative = darker. */
export interface Metered {
  readonly groundOffStops: number;
  readonly skyOffStops: number;
}

/**
 * Automatic exposure makes the mean of the picture a middle grey; locked on the way ahead it makes that one. Zero for the ground where nothing
 * but ground is seen.
 * @param compensation stops that are added by hand
 */
export function metered(
  shares: FrameShares,
  lightId: LightId,
  world: WorldId,
  { compensation = 0, exposureLock = false }: { readonly compensation?: number; readonly exposureLock?: boolean } = {},
): Metered {
  const ground = GROUND_BRIGHT[world];
  const sky = SKY_BESIDE_GROUND[lightId];
  const land = shares.way + shares.ground;
  const own = shares.hands + shares.machine + shares.rider + shares.face + shares.subject + shares.own;
  const all = land + own + shares.sky;
  const mean =
    exposureLock || all <= 0 || land <= 0
      ? ground
      : (land * ground + own * Math.min(OWN, ground) + shares.sky * sky) / all;
  return {
    groundOffStops: compensation - Math.log2(mean / ground),
    skyOffStops: compensation + Math.log2(sky / mean),
  };
}
