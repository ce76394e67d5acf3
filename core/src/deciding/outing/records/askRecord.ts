import { boolean, mixed, object } from 'yup';
import {
  ASKED_KITS,
  LIGHT_WISHES,
  OWN_THINGS,
  TERM_IDS,
  WEIGHT_LIMIT,
  type Ask,
  type Weights,
} from '../../../words/shot/ask';
import {
  id,
  isRecord,
  list,
  maybeOneOf,
  oneOf,
  OUTING_LIMITS,
  truth,
  UNKNOWN_FIELDS,
  validatorOf,
  within,
} from './schemaParts';

/** Two shares in order, 0 to 1. */
const isRange = (value: unknown): value is readonly [number, number] =>
  Array.isArray(value) &&
  value.length === 2 &&
  value.every((v) => typeof v === 'number' && v >= 0 && v <= 1) &&
  value[0] <= value[1];

export const askSchema = validatorOf<Ask>()(
  object({
    intentId: id(),
    shares: mixed<Record<string, [number, number]>>().test(
      'shares',
      '${path} is no list of shares from low to high, 0 to 1',
      (value) => value === undefined || (isRecord(value) && Object.values(value).every(isRange)),
    ),
    horizonBand: mixed<[number, number]>()
      .nullable()
      .test(
        'band',
        '${path} is no band from low to high, 0 to 1',
        (value) => value === undefined || value === null || isRange(value),
      ),
    feel: within(0, 1).nullable().notRequired(),
    format: oneOf(['wide', 'upright'] as const),
    hands: oneOf(['as the intent', 'with', 'without'] as const),
    talking: boolean().strict().required().typeError(truth),
    without: list(OWN_THINGS.length)
      .of(oneOf(OWN_THINGS.map((thing) => thing.id)))
      .optional(),
    sun: object({ bearingDeg: within(-180, 180), heightDeg: within(0, 90) })
      .default(undefined)
      .optional()
      .noUnknown(UNKNOWN_FIELDS),
    light: maybeOneOf(LIGHT_WISHES),
    reachable: boolean().strict().required().typeError(truth),
    kit: oneOf(ASKED_KITS),
    carrierIds: list(OUTING_LIMITS.carriers).of(id()),
    weights: mixed<Partial<Weights>>()
      .defined('${path} is missing')
      .test(
        'weights',
        '${path} has weights that do not exist or lie outside 0 to ' + WEIGHT_LIMIT,
        (value) =>
          isRecord(value) &&
          Object.entries(value).every(
            ([term, weight]) =>
              (TERM_IDS as readonly string[]).includes(term) &&
              typeof weight === 'number' &&
              weight >= 0 &&
              weight <= WEIGHT_LIMIT,
          ),
      ),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);
