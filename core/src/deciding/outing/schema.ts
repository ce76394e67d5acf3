import { array, boolean, mixed, number, object, string, type ObjectSchema } from 'yup';
import { STATURE_RANGE_M } from '../../words/carrier/bodySegments';
import { RADIAL_PROJECTION_IDS } from '../../mathematics/lens/projection';
import { GROUND_WORLDS } from '../../../catalog/index.generated';
import { SURFACE_STATES } from '../../words/kit/grip';
import { VENUE_IDS } from '../../words/ride/venue';
import { LIGHTS } from '../../words/ride/lights';
import { BASE_KINDS, SURFACE_SHAPES } from '../../words/carrier/surface';
import { OWN_THINGS, TERM_IDS, WEIGHT_LIMIT } from '../../words/shot/ask';
import { FASTENINGS } from '../../words/setUp/fastening';
import {
  ALTITUDE_RANGE_M,
  DROP_LIMIT_M,
  RPM_RANGE,
  SPEED_LIMIT_MPS,
  TEMPERATURE_RANGE_C,
  WIND_LIMIT_MPS,
} from '../../words/ride/rideConditions';
import { OUTING_FORMAT, OUTING_VERSION } from './outing';

/** Most that one document may hold: far more than a trip needs, little enough to stay quick. */
export const OUTING_LIMITS = {
  shots: 200,
  links: 6,
  clips: 200,
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
} as const;

const text = (limit: number) => string().strict().defined().max(limit, `\${path} is longer than ${limit} characters`);
const id = () => text(80).min(1, '${path} is empty');
const within = (low: number, high: number) =>
  number()
    .strict()
    .required('${path} is missing')
    .min(low, `\${path} is below ${low}`)
    .max(high, `\${path} is above ${high}`)
    .typeError('${path} is not a number');
const instant = () =>
  text(40).matches(/^\d{4}-\d{2}-\d{2}T[\d:.]+(Z|[+-]\d{2}:\d{2})$/, '${path} is not a date and time (ISO 8601)');
const list = (limit: number) => array().strict().defined().max(limit, `\${path} has more than ${limit} entries`);
const point = () =>
  mixed<[number, number]>()
    .defined()
    .test(
      'pair',
      '${path} is not a pair of fractions',
      (v) => Array.isArray(v) && v.length === 2 && v.every((n) => Number.isFinite(n)),
    );

const linkUse = object({
  linkId: id(),
  lengthM: within(0, 5),
  bendDeg: within(-180, 180),
  turnDeg: within(-360, 360),
}).noUnknown('${path} has unknown fields: ${unknown}');

export const setUpSchema = object({
  spotId: id(),
  baseId: id(),
  links: list(OUTING_LIMITS.links).of(linkUse),
  headId: id(),
  cameraId: id(),
  modeId: id(),
  stabiliserId: id(),
  mounting: string().strict().oneOf(['upright', 'inverted', 'portrait-left', 'portrait-right']).required(),
  angles: object({ panDeg: within(-360, 360), tiltDeg: within(-180, 180), rollDeg: within(-180, 180) })
    .required('${path} is missing')
    .noUnknown('${path} has unknown fields: ${unknown}'),
  gimbalTiltDeg: number().strict().optional().min(-180).max(180),
  ndStops: number().strict().optional().min(0).max(12),
  shutterS: number().strict().optional().min(1e-5).max(1),
  fastening: string().strict().oneOf(FASTENINGS).optional(),
  surfaceState: string().strict().oneOf(SURFACE_STATES).optional(),
  curedH: number().strict().optional().min(0).max(1000),
})
  .required('${path} is missing')
  .noUnknown('${path} has unknown fields: ${unknown}');

const vector = () =>
  mixed<[number, number, number]>()
    .defined()
    .test(
      'vector',
      '${path} is not three numbers',
      (v) => Array.isArray(v) && v.length === 3 && v.every((n) => Number.isFinite(n) && Math.abs(n) < 1e4),
    );

const ownSpot = object({
  id: id(),
  name: text(OUTING_LIMITS.nameLength),
  partId: text(OUTING_LIMITS.nameLength),
  point: vector(),
  normal: vector(),
  surface: object({
    material: text(40),
    shape: string().strict().oneOf(SURFACE_SHAPES).required(),
    tubeDiameterM: number().strict().optional().min(0.001).max(2),
    curvatureRadiusM: number().strict().optional().min(0.005).max(1000),
    flatAreaM2: number().strict().optional().min(0).max(100),
  })
    .required()
    .noUnknown('${path} has unknown fields: ${unknown}'),
}).noUnknown('${path} has unknown fields: ${unknown}');

const ownId = () => id().matches(/^own-/, '${path} must begin with "own-"');

const ownKitSchema = object({
  cameras: list(OUTING_LIMITS.ownKit).of(
    object({
      id: ownId(),
      name: text(OUTING_LIMITS.nameLength),
      projection: string().strict().oneOf(RADIAL_PROJECTION_IDS).required(),
      fovDeg: within(3, 220),
      fovAcross: string().strict().oneOf(['horizontal', 'vertical', 'diagonal']).required(),
      widthPx: within(160, 20000),
      heightPx: within(120, 20000),
      framesPerSecond: within(1, 1000),
      depthM: within(0.005, 0.5),
      heightM: within(0.005, 0.5),
      widthM: within(0.005, 0.5),
      massKg: within(0.005, 8),
      closestFocusM: within(0.005, 10),
    }).noUnknown('${path} has unknown fields: ${unknown}'),
  ),
  links: list(OUTING_LIMITS.ownKit).of(
    object({
      id: ownId(),
      name: text(OUTING_LIMITS.nameLength),
      lowM: within(0.005, 4),
      highM: within(0.005, 4),
      thicknessM: within(0.002, 0.1),
      massKg: within(0.001, 5),
    }).noUnknown('${path} has unknown fields: ${unknown}'),
  ),
  bases: list(OUTING_LIMITS.ownKit).of(
    object({
      id: ownId(),
      name: text(OUTING_LIMITS.nameLength),
      kind: string().strict().oneOf(BASE_KINDS).required(),
      shapes: list(SURFACE_SHAPES.length).of(string().strict().oneOf(SURFACE_SHAPES).required()),
      tubeLowM: within(0.001, 1),
      tubeHighM: within(0.001, 1),
      heightM: within(0.002, 0.4),
      massKg: within(0.001, 5),
    }).noUnknown('${path} has unknown fields: ${unknown}'),
  ),
})
  .required('${path} is missing')
  .noUnknown('${path} has unknown fields: ${unknown}');

export const rigSchema = object({
  machineId: id(),
  fit: mixed<Record<string, number>>()
    .defined()
    .test(
      'numbers',
      '${path} must hold numbers only',
      (v) =>
        typeof v === 'object' && v !== null && !Array.isArray(v) && Object.values(v).every((n) => Number.isFinite(n)),
    ),
  wornIds: list(12).of(id()),
  statureM: within(STATURE_RANGE_M.low, STATURE_RANGE_M.high),
  subject: object({
    machineId: id(),
    distanceM: within(0.5, 3000),
    bearingDeg: within(-360, 360),
    headingDeg: within(-360, 360),
    aboveM: within(-1000, 1000),
  })
    .default(undefined)
    .optional()
    .noUnknown('${path} has unknown fields: ${unknown}'),
  ownSpots: array().strict().optional().max(OUTING_LIMITS.ownSpots).of(ownSpot),
  ownKit: ownKitSchema.default(undefined).optional(),
})
  .required('${path} is missing')
  .noUnknown('${path} has unknown fields: ${unknown}');

export const rideSchema = object({
  groundId: id().oneOf(
    GROUND_WORLDS.flatMap((g) => g.grounds.map((ground) => ground.id)),
    '${path} is no ground of this catalogue',
  ),
  speedMps: within(0, SPEED_LIMIT_MPS),
  rpm: within(RPM_RANGE.low, RPM_RANGE.high).nullable().defined(),
  dropM: within(0, DROP_LIMIT_M),
  windMps: within(0, WIND_LIMIT_MPS),
  altitudeM: within(ALTITUDE_RANGE_M.low, ALTITUDE_RANGE_M.high),
  temperatureC: within(TEMPERATURE_RANGE_C.low, TEMPERATURE_RANGE_C.high),
  lightId: string()
    .strict()
    .oneOf(LIGHTS.map((light) => light.id))
    .required(),
  venueId: string().strict().oneOf(VENUE_IDS).optional(),
})
  .required('${path} is missing')
  .noUnknown('${path} has unknown fields: ${unknown}');

export const measuredBandsSchema = list(OUTING_LIMITS.bands).of(
  object({ lowHz: within(0, 5000), highHz: within(0, 5000), ratio: within(0, 1e6) }).noUnknown(
    '${path} has unknown fields: ${unknown}',
  ),
);

const spotLog = object({
  id: id(),
  spotId: id(),
  fileName: text(OUTING_LIMITS.nameLength),
  at: instant(),
  seconds: within(0, 1e6),
  sampleHz: within(0, 1e6),
  bands: measuredBandsSchema,
  used: boolean().strict().required(),
}).noUnknown('${path} has unknown fields: ${unknown}');

const clip = object({
  id: id(),
  at: instant(),
  marks: object({ left: point(), right: point() }).required(),
  measuredTiltDeg: within(-180, 180),
  measuredRollDeg: within(-180, 180),
  tiltByDeg: within(-360, 360),
  rollByDeg: within(-360, 360),
  applied: boolean().strict().required(),
}).noUnknown('${path} has unknown fields: ${unknown}');

const logEntry = object({
  id: id(),
  at: instant(),
  done: boolean().strict().required(),
  usable: string().strict().oneOf(['yes', 'partly', 'no']).required(),
  held: string().strict().oneOf(['held', 'slipped', 'lost']).required(),
  note: text(OUTING_LIMITS.noteLength),
}).noUnknown('${path} has unknown fields: ${unknown}');

const pullTest = object({ at: instant(), newton: within(0, 5000), held: boolean().strict().required() }).noUnknown(
  '${path} has unknown fields: ${unknown}',
);

/** Two shares in order, 0 to 1. */
const isRange = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length === 2 &&
  value.every((v) => typeof v === 'number' && v >= 0 && v <= 1) &&
  value[0] <= value[1];
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const askSchema = object({
  intentId: id(),
  shares: mixed().test(
    'shares',
    '${path} is no list of shares from low to high, 0 to 1',
    (value) => value === undefined || (isRecord(value) && Object.values(value).every(isRange)),
  ),
  horizonBand: mixed()
    .nullable()
    .test(
      'band',
      '${path} is no band from low to high, 0 to 1',
      (value) => value === undefined || value === null || isRange(value),
    ),
  feel: within(0, 1).nullable().notRequired(),
  format: string().strict().oneOf(['wide', 'upright']).required(),
  hands: string().strict().oneOf(['as the intent', 'with', 'without']).required(),
  talking: boolean().strict().required(),
  without: array()
    .strict()
    .max(OWN_THINGS.length)
    .of(
      string()
        .strict()
        .oneOf(OWN_THINGS.map((thing) => thing.id))
        .required(),
    )
    .optional(),
  sun: object({ bearingDeg: within(-180, 180), heightDeg: within(0, 90) })
    .default(undefined)
    .optional()
    .noUnknown('${path} has unknown fields: ${unknown}'),
  reachable: boolean().strict().required(),
  kit: string().strict().oneOf(['box', 'anything']).required(),
  carrierIds: list(OUTING_LIMITS.carriers).of(id()),
  weights: mixed().test(
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
  .default(undefined)
  .optional()
  .noUnknown('${path} has unknown fields: ${unknown}');

const shot = object({
  id: id(),
  name: text(OUTING_LIMITS.nameLength),
  carrierId: id(),
  intentId: id(),
  note: text(OUTING_LIMITS.noteLength),
  seconds: within(0, 36000),
  actionStanceId: id(),
  horizonAt: within(0, 1).nullable().defined(),
  setUp: setUpSchema,
  clips: list(OUTING_LIMITS.clips).of(clip),
  log: list(OUTING_LIMITS.logEntries).of(logEntry),
  acknowledged: list(OUTING_LIMITS.acknowledged).of(id()),
  pullTests: list(OUTING_LIMITS.pullTests).of(pullTest),
  ask: askSchema,
}).noUnknown('${path} has unknown fields: ${unknown}');

export const outingSchema: ObjectSchema<object> = object({
  format: string().strict().oneOf([OUTING_FORMAT]).required(),
  version: number().strict().oneOf([OUTING_VERSION]).required(),
  id: id(),
  name: text(OUTING_LIMITS.nameLength),
  place: text(OUTING_LIMITS.nameLength),
  date: text(10).matches(/^\d{4}-\d{2}-\d{2}$/, '${path} is not a date like 2027-02-14'),
  startsAt: text(5).matches(/^([01]\d|2[0-3]):[0-5]\d$/, '${path} is not a time like 09:30'),
  riderName: text(OUTING_LIMITS.nameLength),
  note: text(OUTING_LIMITS.noteLength),
  carriers: list(OUTING_LIMITS.carriers)
    .min(1, '${path} is empty')
    .of(
      object({
        id: id(),
        rig: rigSchema,
        ride: rideSchema,
        spotLogs: list(OUTING_LIMITS.spotLogs).of(spotLog),
      }).noUnknown('${path} has unknown fields: ${unknown}'),
    ),
  ownKit: ownKitSchema,
  shots: list(OUTING_LIMITS.shots).of(shot),
  createdAt: instant(),
  changedAt: instant(),
}).noUnknown('unknown fields: ${unknown}');
