import { boolean, object } from 'yup';
import { FEEDS, STARTS } from '../../../words/shot/use';
import { TEMPERATURE_RANGE_C } from '../../../words/ride/rideConditions';
import { id, list, maybeOneOf, maybeWithin, OUTING_LIMITS, truth, UNKNOWN_FIELDS, within } from './schemaParts';

const maybeTruth = () => boolean().strict().optional().typeError(truth);

/** How a shot's camera is run. */
export const useSchema = () =>
  object({
    takes: maybeWithin(1, 500),
    hours: maybeWithin(0.05, 24),
    stintMin: maybeWithin(1, 720),
    start: maybeOneOf(STARTS),
    offBetween: maybeTruth(),
    preRecord: maybeTruth(),
    screenOn: maybeTruth(),
    feed: maybeOneOf(FEEDS),
    foam: maybeTruth(),
    recorder: maybeTruth(),
    mostKg: maybeWithin(0.01, 20),
    fromC: maybeWithin(TEMPERATURE_RANGE_C.low, TEMPERATURE_RANGE_C.high),
  })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

const cameraSupplies = object({
  cameraId: id(),
  batteries: within(1, 99),
  cardGb: within(1, 4096),
  worn: maybeTruth(),
  drawFactor: maybeWithin(0.3, 3),
}).noUnknown(UNKNOWN_FIELDS);

/** What there is for the cameras of an outing. */
export const suppliesSchema = () =>
  object({
    cameras: list(OUTING_LIMITS.ownKit).of(cameraSupplies),
    bays: maybeWithin(1, 40),
    eveningH: maybeWithin(0, 24),
  })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();
