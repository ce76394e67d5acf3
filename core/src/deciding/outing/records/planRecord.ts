import { array, boolean, object } from 'yup';
import { id, OUTING_LIMITS, truth, UNKNOWN_FIELDS, within } from './schemaParts';

const ids = (limit: number) =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(limit, `\${path} has more than ${limit} entries`)
    .of(id())
    .default(undefined)
    .optional();

/** The film that an outing is for. */
export const filmSchema = () =>
  object({ seconds: within(5, 36000) })
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
