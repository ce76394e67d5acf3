import { dateAfter } from '../../physics/light/clock';
import type { Moment } from '../../words/shot/moment';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { strutOf } from '../../words/setUp/strutOf';
import { bandsAt, carrierOfShot, rideOfShot, rigOfShot } from './outing';
import { heldBefore } from './learnt/heldBefore';
import type { OutingCarrier } from './records/carrierRecord';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

/** All that a shot's evaluation needs, from its outing. @throws RangeError when the shot names a carrier that the outing lacks */
export function shotQuestion(outing: Outing, shot: Shot): ShotQuestion {
  const carrier = carrierOfShot(outing, shot);
  const { setUp, intentId, actionStanceId, horizonAt, ask } = shot;
  return {
    rig: rigOfShot(outing, shot),
    setUp,
    intentId,
    actionStanceId,
    horizonAt,
    ride: rideOfShot(outing, shot),
    // An ask of another intent belongs to what the shot was before.
    ...(ask && ask.intentId === intentId ? { ask } : {}),
    measured: bandsAt(outing, carrier, { spotId: setUp.spotId, strut: strutOf(setUp) }),
    ...momentOf(outing, shot),
    ...runningOf(outing, shot),
    ...heldOf(outing, carrier),
  };
}

/** How it held before, where the log says something. */
export function heldOf(outing: Pick<Outing, 'shots' | 'carriers'>, carrier: OutingCarrier) {
  const held = heldBefore(outing, carrier);
  return held.length > 0 ? { heldBefore: held } : {};
}

/** How a shot's camera is run over the day, as far as it was told. */
export const runningOf = ({ supplies }: Pick<Outing, 'supplies'>, { use, seconds }: Pick<Shot, 'use' | 'seconds'>) => ({
  seconds,
  ...(use ? { use } : {}),
  ...(supplies ? { supplies } : {}),
});

/** Day of the calendar on which a shot is taken, yyyy-mm-dd. */
export const dateOf = ({ date }: Pick<Outing, 'date'>, { hour }: Pick<Shot, 'hour'>): string =>
  dateAfter(date, (hour?.day ?? 1) - 1);

/** Where and when a shot is taken; nothing where the outing does not say where it is. */
export const momentOf = (
  { where, date, startsAt }: Pick<Outing, 'where' | 'date' | 'startsAt'>,
  { hour, only }: Pick<Shot, 'hour' | 'only'>,
): { readonly moment?: Moment } =>
  where
    ? {
        moment: {
          ...where,
          date: dateOf({ date }, { hour }),
          at: hour?.at ?? startsAt,
          ...(hour?.until === undefined ? {} : { until: hour.until }),
          headingDeg: hour?.headingDeg ?? null,
          ...(hour?.octants === undefined ? {} : { octants: hour.octants }),
          ...(only ? { only: { from: only.from, to: only.to } } : {}),
        },
      }
    : {};
