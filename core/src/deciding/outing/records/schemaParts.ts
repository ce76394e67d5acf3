import { array, mixed, number, string, type InferType, type Schema } from 'yup';

/** Most that one document may hold: far more than a trip needs, little enough to stay quick. */
export const OUTING_LIMITS = {
  shots: 200,
  links: 6,
  clips: 200,
  lessons: 500,
  logEntries: 500,
  nameLength: 120,
  noteLength: 4000,
  carriers: 24,
  ownSpots: 100,
  ownKit: 60,
  acknowledged: 100,
  pullTests: 100,
  spotLogs: 60,
  bands: 60,
  packed: 2000,
  trackNodes: 1500,
} as const;

type Plain<T> = { -readonly [Key in keyof T]: Plain<T[Key]> };
type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? unknown : never) : never;

/** A validator that holds exactly what its type says: where the two drift apart the program does not compile. */
export const validatorOf =
  <T>() =>
  <S extends Schema>(schema: S & Same<Plain<T>, Plain<InferType<S>>>): S =>
    schema;

export const UNKNOWN_FIELDS = '${path} has unknown fields: ${unknown}';

export const text = (limit: number) =>
  string()
    .strict()
    .defined('${path} is missing')
    .max(limit, `\${path} is longer than ${limit} characters`)
    .typeError('${path} is not text');
export const id = () => text(80).min(1, '${path} is empty');
export const truth = '${path} is neither true nor false';
export const within = (low: number, high: number) =>
  number()
    .strict()
    .required('${path} is missing')
    .min(low, `\${path} is below ${low}`)
    .max(high, `\${path} is above ${high}`)
    .typeError('${path} is not a number');
/** The same where it may be missing. */
export const maybeWithin = (low: number, high: number) =>
  number()
    .strict()
    .optional()
    .min(low, `\${path} is below ${low}`)
    .max(high, `\${path} is above ${high}`)
    .typeError('${path} is not a number');
export const oneOf = <Choice extends string>(choices: readonly Choice[]) =>
  string()
    .strict()
    .required('${path} is missing')
    .typeError('${path} is not text')
    .oneOf(choices, `\${path} must be one of ${choices.join(', ')}`);
export const maybeOneOf = <Choice extends string>(choices: readonly Choice[]) =>
  string()
    .strict()
    .optional()
    .typeError('${path} is not text')
    .oneOf(choices, `\${path} must be one of ${choices.join(', ')}`);
export const list = (limit: number) =>
  array()
    .strict()
    .defined('${path} is missing')
    .typeError('${path} is not a list')
    .max(limit, `\${path} has more than ${limit} entries`);
const numbers = (count: number, within: number) => (value: unknown) =>
  Array.isArray(value) && value.length === count && value.every((n) => Number.isFinite(n) && Math.abs(n) <= within);
export const pair = () =>
  mixed<[number, number]>()
    .defined('${path} is missing')
    .test('pair', '${path} is not a pair of fractions', numbers(2, 1e4));
/** The same where it may be missing. */
export const maybePair = () =>
  mixed<[number, number]>().test(
    'pair',
    '${path} is not a pair of fractions',
    (value) => value === undefined || numbers(2, 1e4)(value),
  );
export const vector = () =>
  mixed<[number, number, number]>()
    .defined('${path} is missing')
    .test('vector', '${path} is not three numbers', numbers(3, 1e4));

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const INSTANT = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,9})?)?(Z|[+-]([01]\d|2[0-3]):[0-5]\d)$/;

/** Whether it is a day of the calendar, written yyyy-mm-dd. */
export function isDay(value: string): boolean {
  const [, year, month, day] = (DAY.exec(value) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined || month < 1 || month > 12) return false;
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const days = month === 2 ? (leap ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31;
  return day >= 1 && day <= days;
}
export const day = () => text(10).test('day', '${path} is not a day like 2027-02-14', (value) => isDay(String(value)));
export const instant = () =>
  text(40).test('instant', '${path} is not a date and time (ISO 8601)', (value) => {
    const found = INSTANT.exec(String(value));
    return found !== null && isDay(found[1] ?? '');
  });
/** hh:mm, 24 hours. */
const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;
const NO_TIME = '${path} is not a time like 09:30';
export const timeOfDay = () => text(5).matches(CLOCK, NO_TIME);
/** The same where it may be missing. */
export const maybeTimeOfDay = () =>
  string().strict().optional().typeError('${path} is not text').matches(CLOCK, { message: NO_TIME });

/** The records of a list, edited; whatever else lies in it, or stands in its place, is left for the validator. */
export const eachRecord = (
  list: unknown,
  edit: (record: Record<string, unknown>, at: number) => Record<string, unknown>,
): unknown => (Array.isArray(list) ? list.map((one: unknown, at) => (isRecord(one) ? edit(one, at) : one)) : list);

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
