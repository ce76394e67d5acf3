import { AHEAD, dot } from '../../../../mathematics/geometry/vec3';
import { rotate } from '../../../../mathematics/geometry/rotation';
import { sunDirection, type SunPlace } from '../../../../mathematics/sun/sun';
import { toDeg } from '../../../../mathematics/units/angle';
import { ownShadows, type OwnShadow } from '../../../../physics/light/ownShadow';
import { sunFromCourse, sunOf } from '../../../../physics/light/sunCourse';
import type { PosedPart } from '../../../../words/carrier/posedPart';
import type { Moment } from '../../../../words/shot/moment';
import type { ShotScene } from '../../../scene/shotScene';
import { sunMet, type Cameras, type SunMet } from './sunMet';

/** From where what is looked at gets its light. */
export type Lit = 'front' | 'side' | 'behind';
/** Up to so far from where the lens looks the sun makes a back light, and so far from straight behind it a front light. Common practice, no source. */
export const BACK_LIT_DEG = 60;

/** What the sun does to the picture on one way that is ridden. */
export interface SunOnWay {
  /** Of travel, from north; null where the sun was told by hand. */
  readonly headingDeg: number | null;
  /** Of the ride. */
  readonly share: number;
  /** As the rider sees it. */
  readonly fromCourse: SunPlace;
  readonly met: SunMet;
  readonly lit: Lit;
  /** From where the lens looks to the sun, degrees. */
  readonly toSunDeg: number;
  /** Null where it was not looked for. */
  readonly shadow: OwnShadow | null;
}

const OCTANTS = Array.from({ length: 8 }, (_, i) => i * 45);

/** The ways that are ridden with their shares: one, or all round the compass. */
function waysOf({ headingDeg, octants }: Moment): readonly { readonly headingDeg: number; readonly share: number }[] {
  if (headingDeg !== null) return [{ headingDeg, share: 1 }];
  const all = octants?.reduce((sum, n) => sum + n, 0) ?? 8;
  return OCTANTS.map((deg, i) => ({ headingDeg: deg, share: (octants?.[i] ?? 1) / all })).filter(
    ({ share }) => share > 0,
  );
}

/**
 * The sun on each way: by the clock where place and time are known, else as it is told by hand. None where it is down or nobody knows.
 * @param parts machine, rider, strut and camera @param shadowColumns of the picture that own shadows are looked for in; null = not at all
 */
export function sunOnWays(
  { ask, carrier, pose, resolved }: ShotScene,
  moment: Moment | undefined,
  { cameras, parts, shadowColumns }: { cameras: Cameras; parts: readonly PosedPart[]; shadowColumns: number | null },
): readonly SunOnWay[] {
  const sun = moment && sunOf(moment);
  const told = ask.sun && (!moment || (moment.headingDeg === null && !moment.octants));
  const ways = told
    ? [{ headingDeg: null, share: 1, fromCourse: ask.sun }]
    : moment
      ? waysOf(moment).flatMap((way) => {
          const fromCourse = sunFromCourse(sun!, way.headingDeg);
          return fromCourse ? [{ ...way, fromCourse }] : [];
        })
      : [];
  if (ways.length === 0) return [];
  const { ground } = carrier.ridden[0]!.rig;
  const toSuns = ways.map(({ fromCourse }) => sunDirection(ground.ahead, fromCourse));
  const shadows =
    shadowColumns === null
      ? null
      : ownShadows(parts, pose.worldFromCamera, resolved.lens, ground, toSuns, shadowColumns);
  const axis = rotate(pose.worldFromCamera.rotation, AHEAD);
  return ways.map((way, i) => {
    const toSunDeg = toDeg(Math.acos(Math.max(-1, Math.min(1, dot(axis, toSuns[i]!)))));
    return {
      ...way,
      met: sunMet(cameras, resolved, way.fromCourse),
      lit: litFrom(toSunDeg),
      toSunDeg,
      shadow: shadows?.[i] ?? null,
    };
  });
}

function litFrom(toSunDeg: number): Lit {
  if (toSunDeg < BACK_LIT_DEG) return 'behind';
  return toSunDeg > 180 - BACK_LIT_DEG ? 'front' : 'side';
}

/** Mean over the ways that are ridden. */
export const overWays = (ways: readonly SunOnWay[], value: (way: SunOnWay) => number): number =>
  ways.reduce((sum, way) => sum + way.share * value(way), 0) / (ways.reduce((sum, { share }) => sum + share, 0) || 1);
