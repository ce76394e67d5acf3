import { array, boolean, mixed, number, object } from 'yup';
import type { TrackNode } from '../../../words/ride/keptTrack';
import { id, list, maybeOneOf, OUTING_LIMITS, text, timeOfDay, truth, UNKNOWN_FIELDS, within } from './schemaParts';

const ids = (limit: number) =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(limit, `\${path} has more than ${limit} entries`)
    .of(id())
    .default(undefined)
    .optional();

/** Who is to see a film. */
const AUDIENCE_IDS = ['clip', 'friends', 'public'] as const;
export type AudienceId = (typeof AUDIENCE_IDS)[number];

/** The film that an outing is for. */
export const filmSchema = () =>
  object({ seconds: within(5, 36000), audience: maybeOneOf(AUDIENCE_IDS) })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

/** How its days go. */
export const planSchema = () =>
  object({
    order: ids(OUTING_LIMITS.shots),
    freeHours: boolean().strict().optional().typeError(truth),
    packed: ids(OUTING_LIMITS.packed),
    done: ids(OUTING_LIMITS.packed),
  })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

const MOST_M = 10_000_000;
const isNode = (value: unknown): boolean => {
  if (!Array.isArray(value) || value.length !== 4) return false;
  const [lat, lon, ele, seconds] = value as unknown[];
  const orNull = (n: unknown, low: number, high: number) =>
    n === null || (typeof n === 'number' && n >= low && n <= high);
  return (
    typeof lat === 'number' &&
    typeof lon === 'number' &&
    Math.abs(lat) <= 90 &&
    Math.abs(lon) <= 180 &&
    orNull(ele, -500, 30_000) &&
    orNull(seconds, 0, 1e8)
  );
};

/** The recorded ride of an outing. */
export const trackSchema = () =>
  object({
    name: text(OUTING_LIMITS.nameLength),
    nodes: list(OUTING_LIMITS.trackNodes)
      .min(2, '${path} has less than two points')
      .of(
        mixed<TrackNode>()
          .defined('${path} is missing')
          .test('node', '${path} is no point of latitude, longitude, height and seconds', isNode),
      ),
    startMs: number()
      .strict()
      .nullable()
      .defined('${path} is missing')
      .typeError('${path} is not a number')
      .min(0, '${path} is below 0')
      .max(8e15, '${path} is above 8e15'),
    cleaned: text(OUTING_LIMITS.noteLength),
  })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

/** Where on the outing's track a shot is filmed. */
export const stretchSchema = () =>
  object({ fromM: within(0, MOST_M), toM: within(0, MOST_M), groundId: id().optional() })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

const between = { from: timeOfDay(), to: timeOfDay() };

/** Hours within which a shot is possible at all. */
export const onlySchema = () =>
  object({ ...between, why: text(OUTING_LIMITS.nameLength) })
    .noUnknown(UNKNOWN_FIELDS)
    .default(undefined)
    .optional();

/** The same without the reason, in the file of a set-up. */
export const betweenSchema = () => object(between).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();
