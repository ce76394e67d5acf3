import { array, boolean, object } from 'yup';
import { id, instant, maybeWithin, OUTING_LIMITS, text, truth, UNKNOWN_FIELDS, within } from './schemaParts';

/** Base and links of a strut. */
const strut = () => text(OUTING_LIMITS.noteLength).optional();

const fields = {
  machineId: id(),
  partId: id(),
  spotId: id(),
  strut: strut(),
  pitchDeg: within(-180, 180),
  rollDeg: within(-180, 180),
  used: boolean().strict().required().typeError(truth),
};

/** What a clip taught. */
export const lessonSchema = () => object(fields).noUnknown(UNKNOWN_FIELDS).default(undefined).optional();

const shakeFields = {
  machineId: id(),
  partId: id(),
  spotId: id(),
  strut: strut(),
  groundId: id(),
  ratio: within(0.01, 100),
  used: boolean().strict().required().typeError(truth),
};

/** What a moving clip was measured as, and what that teaches. */
export const shakeClipSchema = object({
  id: id(),
  at: instant(),
  seconds: within(0, 36000),
  jumpPx: within(0, 1e5),
  jellyPx: within(0, 1e5),
  rollDeg: within(0, 180),
  modelJumpPx: within(0, 1e5),
  modelJellyPx: within(0, 1e5),
  blurPx: maybeWithin(0, 1e5),
  modelBlurPx: maybeWithin(0, 1e5),
  lesson: object(shakeFields).noUnknown(UNKNOWN_FIELDS).default(undefined).optional(),
}).noUnknown(UNKNOWN_FIELDS);

/** What moving clips of other outings taught. */
export const earlierShakesSchema = () =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(OUTING_LIMITS.lessons, `\${path} has more than ${OUTING_LIMITS.lessons} entries`)
    .of(object({ id: id(), at: instant(), ...shakeFields }).noUnknown(UNKNOWN_FIELDS))
    .default(undefined)
    .optional();

/** What clips of other outings taught. */
export const earlierLessonsSchema = () =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(OUTING_LIMITS.lessons, `\${path} has more than ${OUTING_LIMITS.lessons} entries`)
    .of(object({ id: id(), at: instant(), ...fields }).noUnknown(UNKNOWN_FIELDS))
    .default(undefined)
    .optional();

/** What was learnt of a machine's places, as a set-up file carries it. */
export const learntSchema = () =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(OUTING_LIMITS.lessons, `\${path} has more than ${OUTING_LIMITS.lessons} entries`)
    .of(
      object({
        partId: id().optional(),
        spotId: id().optional(),
        strut: strut(),
        pitchDeg: within(-180, 180),
        rollDeg: within(-180, 180),
      }).noUnknown(UNKNOWN_FIELDS),
    )
    .default(undefined)
    .optional();

/** How bases held, as a set-up file carries it. */
export const heldBeforeSchema = () =>
  array()
    .strict()
    .typeError('${path} is not a list')
    .max(OUTING_LIMITS.lessons, `\${path} has more than ${OUTING_LIMITS.lessons} entries`)
    .of(
      object({
        spotId: id(),
        baseId: id(),
        takes: within(0, 1e6),
        moved: within(0, 1e6),
        lost: within(0, 1e6),
      }).noUnknown(UNKNOWN_FIELDS),
    )
    .default(undefined)
    .optional();
