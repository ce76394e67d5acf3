import { mixed, object } from 'yup';
import { GROUND_WORLDS } from '../../../../catalog/index.generated';
import { LIGHT_IDS } from '../../../words/ride/lights';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import {
  ALTITUDE_RANGE_M,
  BLADES,
  DROP_LIMIT_M,
  RPM_RANGE,
  SPEED_LIMIT_MPS,
  TEMPERATURE_RANGE_C,
  WIND_LIMIT_MPS,
  type RideConditions,
} from '../../../words/ride/rideConditions';
import { VENUE_IDS } from '../../../words/ride/venue';
import { WEATHER_IDS } from '../../../words/ride/weather';
import {
  id,
  list,
  maybeOneOf,
  maybeWithin,
  oneOf,
  OUTING_LIMITS,
  UNKNOWN_FIELDS,
  validatorOf,
  within,
} from './schemaParts';

export const rideSchema = validatorOf<RideConditions>()(
  object({
    groundId: id().oneOf(
      GROUND_WORLDS.flatMap((g) => g.grounds.map((ground) => ground.id)),
      '${path} is no ground of this catalogue',
    ),
    speedMps: within(0, SPEED_LIMIT_MPS),
    rpm: within(RPM_RANGE.low, RPM_RANGE.high).nullable().defined(),
    dropM: within(0, DROP_LIMIT_M),
    windMps: within(0, WIND_LIMIT_MPS),
    altitudeM: within(ALTITUDE_RANGE_M.low, ALTITUDE_RANGE_M.high),
    temperatureC: within(TEMPERATURE_RANGE_C.low, TEMPERATURE_RANGE_C.high),
    lightId: oneOf(LIGHT_IDS),
    weatherId: maybeOneOf(WEATHER_IDS),
    humidityPct: maybeWithin(1, 100),
    mainsHz: mixed<50 | 60>().oneOf([50, 60], '${path} must be 50 or 60').optional(),
    blades: maybeOneOf(BLADES),
    venueId: maybeOneOf(VENUE_IDS),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);

export const measuredBandsSchema = validatorOf<readonly MeasuredBand[]>()(
  list(OUTING_LIMITS.bands).of(
    object({ lowHz: within(0, 5000), highHz: within(0, 5000), ratio: within(0, 1e6) }).noUnknown(UNKNOWN_FIELDS),
  ),
);
