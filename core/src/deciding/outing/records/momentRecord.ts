import { mixed, object } from 'yup';
import { knowsZone } from '../../../physics/light/clock';
import { betweenSchema } from './planRecord';
import { day, maybeTimeOfDay, maybeWithin, text, timeOfDay, UNKNOWN_FIELDS, within } from './schemaParts';

const place = {
  latDeg: within(-90, 90),
  lonDeg: within(-180, 180),
  timeZone: text(60).test('zone', '${path} is no time zone like UTC that is known here', (value) => knowsZone(value)),
};
const dayOf = maybeWithin(1, 30);
const hour = {
  day: dayOf,
  at: timeOfDay(),
  until: maybeTimeOfDay(),
  headingDeg: within(0, 360).nullable().defined('${path} is missing'),
  octants: mixed<number[]>().test(
    'octants',
    '${path} is not eight shares, none below 0 and not all 0',
    (value) => value === undefined || isOctants(value),
  ),
};

const isOctants = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length === 8 &&
  value.every((n) => Number.isFinite(n) && n >= 0 && n <= 1e6) &&
  value.some((n) => n > 0);

/** Where on the globe an outing is. */
export const whereSchema = () => object(place).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();
/** When a shot is taken and which way it goes. */
export const hourSchema = () => object(hour).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();
/** All of it, in the file of a set-up. */
export const momentSchema = () =>
  object({ ...place, ...hour, date: day(), only: betweenSchema() })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();
