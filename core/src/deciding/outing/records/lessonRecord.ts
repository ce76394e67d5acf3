import { array, boolean, object } from 'yup';
import { id, instant, OUTING_LIMITS, truth, UNKNOWN_FIELDS, within } from './schemaParts';

const fields = {
  machineId: id(),
  partId: id(),
  spotId: id(),
  pitchDeg: within(-180, 180),
  rollDeg: within(-180, 180),
  used: boolean().strict().required().typeError(truth),
};

/** What a clip taught. */
export const lessonSchema = () => object(fields).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();

/** What clips of other outings taught. */
export const earlierLessonsSchema = () =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(OUTING_LIMITS.lessons, `\${path} has more than ${OUTING_LIMITS.lessons} entries`)
    .of(object({ id: id(), at: instant(), ...fields }).noUnknown(UNKNOWN_FIELDS))
    .default(undefined)
    .optional();
