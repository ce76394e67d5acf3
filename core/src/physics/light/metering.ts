import type { Metering } from '../../words/kit/metering';
import type { WorldId } from '../../words/carrier/land';
import type { LightId } from '../../words/ride/lights';
import type { FrameGroup, FrameShares } from '../../words/shot/frameGroup';

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

/** How much the middle of the picture counts where a camera looks there most of all: 60 to 75 %, common practice. */
const OF_MIDDLE: Readonly<Record<Metering, number>> = { whole: 0, middle: 0.7 };

/** What a picture shows: all of it, and its middle half across and down. */
export interface ShownToMeter {
  readonly whole: FrameShares;
  readonly middle: FrameShares;
}

/** What the meter sees, as shares of sky, land and what is near. */
function seenBy(metering: Metering, { whole, middle }: ShownToMeter): { sky: number; own: number; land: number } {
  const of = OF_MIDDLE[metering];
  const share = (group: FrameGroup) => (1 - of) * whole[group] + of * middle[group];
  return {
    sky: share('sky'),
    land: share('way') + share('ground'),
    own: NEAR.reduce((sum, group) => sum + share(group), 0),
  };
}

const NEAR = ['hands', 'machine', 'rider', 'face', 'subject', 'own'] as const;

/** How far off a middle grey ground and sky come out, stops; negative = darker. */
export interface Metered {
  readonly groundOffStops: number;
  readonly skyOffStops: number;
}

/**
 * Automatic exposure makes the mean of what the camera looks at a middle grey; locked on the way ahead it makes that one. Zero for the ground where nothing
 * but ground is seen.
 * @param compensation stops that are added by hand
 */
export function metered(
  shown: ShownToMeter,
  metering: Metering,
  lightId: LightId,
  world: WorldId,
  { compensation = 0, exposureLock = false }: { readonly compensation?: number; readonly exposureLock?: boolean } = {},
): Metered {
  const ground = GROUND_BRIGHT[world];
  const sky = SKY_BESIDE_GROUND[lightId];
  const seen = seenBy(metering, shown);
  const all = seen.land + seen.own + seen.sky;
  const land = shown.whole.way + shown.whole.ground;
  const mean =
    exposureLock || all <= 0 || land <= 0
      ? ground
      : (seen.land * ground + seen.own * Math.min(OWN, ground) + seen.sky * sky) / all;
  return {
    groundOffStops: compensation - Math.log2(mean / ground),
    skyOffStops: compensation + Math.log2(sky / mean),
  };
}
