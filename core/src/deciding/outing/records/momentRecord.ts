import { object } from 'yup';
import { knowsZone } from '../../../physics/light/clock';
import { day, maybeWithin, text, timeOfDay, UNKNOWN_FIELDS, within } from './schemaParts';

const place = {
  latDeg: within(-90, 90),
  lonDeg: within(-180, 180),
  timeZone: text(60).test('zone', '${path} is no time zone like UTC that is known here', (value) => knowsZone(value)),
};
const dayOf = maybeWithin(1, 30);
const hour = { day: dayOf, at: timeOfDay(), headingDeg: within(0, 360).nullable().defined('${path} is missing') };

/** Where on the globe an outing is. */
export const whereSchema = () => object(place).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();
/** When a shot is taken and which way it goes. */
export const hourSchema = () => object(hour).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();
/** All of it, in the file of a set-up. */
export const momentSchema = () =>
  object({ ...place, ...hour, date: day() })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();
