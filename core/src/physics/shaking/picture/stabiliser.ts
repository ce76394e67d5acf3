import type { GimbalRange } from '../../../words/kit/camera';
import type { StabiliserLevel, Steadying } from '../../../words/kit/stabiliser';
import { estimated } from '../../../words/sourced/estimated';
import type { RangeEnd } from '../../../words/sourced/ends';

/** A motor gimbal: good against slow turning; its motors hand on part of quick shaking. Estimates. */
export const GIMBAL_STEADYING: Steadying = {
  kind: 'optics',
  left: estimated(0.05, 0.03, 0.1),
  fromHz: 0.3,
  toHz: 9,
  beyond: estimated(0.5, 0.3, 0.9),
};

/** Share of a movement's amplitude that a way of steadying leaves: all below its band, little in it, what it makes of it beyond. */
export function leftOf(steadying: Steadying, frequencyHz: number, pick: RangeEnd): number {
  const left = pick(steadying.left);
  const below = 1 / (1 + (frequencyHz / steadying.fromHz) ** 4);
  const above = 1 / (1 + (steadying.toHz / frequencyHz) ** 4);
  return left + (1 - left) * below + (pick(steadying.beyond) - left) * above;
}

/** Everything that steadies a picture: before the light falls (optics) and after (picture). */
export interface Steadiness {
  readonly before: (frequencyHz: number) => number;
  readonly after: (frequencyHz: number) => number;
  readonly levels: readonly { readonly name: string; readonly steadying: Steadying; readonly reachDeg: number }[];
}

/** Slow movement is steadied as long as three times its rms stays within reach. */
export const SIGMAS_IN_REACH = 3;

/**
 * @param fovDeg shorter angle of view of the whole picture before the crop
 */
export function steadinessOf(
  stabiliser: Pick2<StabiliserLevel, 'name' | 'crop' | 'steadies'>,
  gimbal: GimbalRange | undefined,
  fovDeg: number,
  pick: RangeEnd,
): Steadiness {
  const levels: { name: string; steadying: Steadying; reachDeg: number }[] = [];
  if (gimbal) {
    const reachDeg = Math.min(...[...gimbal.tilt, ...gimbal.roll].map(Math.abs));
    levels.push({ name: 'the gimbal', steadying: GIMBAL_STEADYING, reachDeg });
  }
  const { steadies } = stabiliser;
  if (steadies) {
    const margin = ((1 - pick(stabiliser.crop)) / 2) * fovDeg;
    // Where a lens or sensor comes to its end, the edge that is cut off follows on.
    const ownDeg = steadies.reachDeg ? pick(steadies.reachDeg) : 0;
    const reachDeg = steadies.kind === 'sphere' ? Infinity : ownDeg + margin;
    levels.push({ name: `the stabiliser (${stabiliser.name.toLowerCase()})`, steadying: steadies, reachDeg });
  }
  const product = (optics: boolean) => {
    const chosen = levels.filter((l) => (l.steadying.kind === 'optics') === optics);
    return (f: number) => chosen.reduce((left, l) => left * leftOf(l.steadying, f, pick), 1);
  };
  return { before: product(true), after: product(false), levels };
}
type Pick2<T, K extends keyof T> = { readonly [P in K]: T[P] };
