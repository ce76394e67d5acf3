import { sunDirection } from '../../mathematics/sun/sun';
import { exposureValue, isSunny } from '../../physics/light/daylight';
import { exposed } from '../../physics/light/exposure';
import { exposingOf } from '../../physics/light/exposing';
import { sunOf } from '../../physics/light/sunCourse';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { Ground } from '../../words/carrier/land';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { usualRide } from '../../posing/lookup/grounds';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { Moment } from '../../words/shot/moment';
import type { renderPicture } from './renderPicture';

/** In what light a picture is drawn, and on what ground. */
export interface PictureLight {
  readonly moment?: Moment;
  readonly ride: Pick<RideConditions, 'lightId' | 'speedMps' | 'groundId'>;
  /** With a line round one's own shadow. */
  readonly outlined?: boolean;
  /** Without the shadows, which take most of the time. */
  readonly hasty?: boolean;
}

/** That of a shot. */
export const pictureLightOf = ({ moment, ride, rig }: Pick<ShotQuestion, 'moment' | 'ride' | 'rig'>): PictureLight => {
  const { lightId, speedMps, groundId } = ride ?? usualRide(resolveRig(rig).machine);
  return { ...(moment ? { moment } : {}), ride: { lightId, speedMps, groundId } };
};

type Lit = Pick<NonNullable<Parameters<typeof renderPicture>[6]>, 'toSun' | 'outlined' | 'shadows' | 'lamps'>;

/** The sun of a dusk that nobody gave a clock to: down behind, as it is told by its light alone. */
const DUSK = { bearingDeg: 180, heightDeg: -5 } as const;
/** Lower than that no sky is bright, whatever is in it, degrees. */
const NIGHT_FALLS_DEG = -1;

/** How a picture is lit: the sun by clock and way with its shadows, clouds, dusk, or lamps drawn out over the exposure; as drawings are where nobody knows. */
export function pictureLit(
  resolved: Pick<ResolvedSetUp, 'camera' | 'mode' | 'setUp'>,
  { ahead }: Pick<Ground, 'ahead'>,
  { moment, ride: { lightId, speedMps }, outlined = false, hasty = false }: PictureLight,
): Lit {
  const sun = moment ? sunOf(moment) : null;
  if (lightId === 'street-night') {
    const { exposureS } = exposed(exposureValue(lightId, sun?.heightDeg), exposingOf(resolved));
    return { lamps: { exposureS, speedMps } };
  }
  if (lightId === 'dusk') return { toSun: sunDirection(ahead, DUSK) };
  if (sun && sun.heightDeg < NIGHT_FALLS_DEG)
    return {
      toSun: sunDirection(ahead, { bearingDeg: sun.azimuthDeg - (moment!.headingDeg ?? 0), heightDeg: sun.heightDeg }),
    };
  if (!isSunny(lightId)) return { toSun: null };
  if (!sun || moment!.headingDeg === null) return {};
  return {
    toSun: sunDirection(ahead, { bearingDeg: sun.azimuthDeg - moment!.headingDeg, heightDeg: sun.heightDeg }),
    outlined,
    shadows: !hasty,
  };
}
