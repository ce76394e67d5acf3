import { array, boolean, object } from 'yup';
import { CAMERA_MOUNTINGS } from '../../../words/kit/camera';
import { ADD_ON_PLACES } from '../../../words/kit/addOn';
import { SURFACE_STATES } from '../../../words/kit/grip';
import { FASTENINGS } from '../../../words/setUp/fastening';
import { ALTITUDE_RANGE_M, TEMPERATURE_RANGE_C } from '../../../words/ride/rideConditions';
import { MOST_FURTHER_ARMS } from '../../../posing/strut/furtherArms';
import { BESIDE_KG } from '../../../posing/strut/besideDevice';
import type { SetUp } from '../../../words/setUp/setUp';
import {
  id,
  list,
  maybeOneOf,
  maybeWithin,
  oneOf,
  OUTING_LIMITS,
  truth,
  UNKNOWN_FIELDS,
  validatorOf,
  within,
} from './schemaParts';

const linkUse = object({
  linkId: id(),
  lengthM: within(0.001, 5),
  bendDeg: within(-180, 180),
  turnDeg: within(-360, 360),
}).noUnknown(UNKNOWN_FIELDS);

const furtherArm = object({
  spotId: id().optional(),
  alongM: within(-5, 5),
  acrossM: within(-5, 5),
  baseId: id(),
  linkId: id(),
}).noUnknown(UNKNOWN_FIELDS);

export const setUpSchema = validatorOf<SetUp>()(
  object({
    spotId: id(),
    slideM: maybeWithin(-20, 20),
    baseId: id(),
    besideKg: maybeWithin(BESIDE_KG.low, BESIDE_KG.high),
    links: list(OUTING_LIMITS.links).of(linkUse),
    furtherArms: array()
      .strict()
      .typeError('${path} is not a list')
      .max(MOST_FURTHER_ARMS, `\${path} has more than ${MOST_FURTHER_ARMS} entries`)
      .of(furtherArm)
      .optional(),
    tether: object({ tetherId: id(), partId: id().optional(), lengthM: within(0.005, 5) })
      .default(undefined)
      .optional()
      .noUnknown(UNKNOWN_FIELDS),
    headId: id(),
    cameraId: id(),
    addOnIds: array()
      .strict()
      .typeError('${path} is not a list')
      .max(ADD_ON_PLACES.length, `\${path} has more than ${ADD_ON_PLACES.length} entries`)
      .of(id())
      .optional(),
    modeId: id(),
    stabiliserId: id(),
    mounting: oneOf(CAMERA_MOUNTINGS),
    angles: object({ panDeg: within(-360, 360), tiltDeg: within(-180, 180), rollDeg: within(-180, 180) })
      .required('${path} is missing')
      .noUnknown(UNKNOWN_FIELDS),
    gimbalTiltDeg: maybeWithin(-180, 180),
    bodyTiltDeg: maybeWithin(-90, 90),
    ndStops: maybeWithin(0, 12),
    polariser: boolean().strict().optional().typeError(truth),
    shutterS: maybeWithin(1e-5, 30),
    apertureN: maybeWithin(0.7, 64),
    isoMost: maybeWithin(50, 500_000),
    compensation: maybeWithin(-3, 3),
    exposureLock: boolean().strict().optional().typeError(truth),
    fastening: maybeOneOf(FASTENINGS),
    surfaceState: maybeOneOf(SURFACE_STATES),
    curedH: maybeWithin(0, 1000),
    putOn: object({
      altitudeM: maybeWithin(ALTITUDE_RANGE_M.low, ALTITUDE_RANGE_M.high),
      temperatureC: maybeWithin(TEMPERATURE_RANGE_C.low, TEMPERATURE_RANGE_C.high),
    })
      .default(undefined)
      .optional()
      .noUnknown(UNKNOWN_FIELDS),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);
