import { boolean, mixed, object, type Schema } from 'yup';
import { RADIAL_PROJECTION_IDS } from '../../../mathematics/lens/projection';
import { STATURE_RANGE_M } from '../../../words/carrier/bodySegments';
import { BASE_KINDS, SURFACE_MATERIALS, SURFACE_SHAPES } from '../../../words/carrier/surface';
import type { OwnKit } from '../../../words/kit/ownKit';
import type { RigSpec } from '../../../words/rig/rigSpec';
import {
  id,
  isRecord,
  list,
  maybeWithin,
  oneOf,
  OUTING_LIMITS,
  text,
  truth,
  UNKNOWN_FIELDS,
  validatorOf,
  vector,
  within,
} from './schemaParts';

const ownSpot = object({
  id: id(),
  name: text(OUTING_LIMITS.nameLength),
  partId: text(OUTING_LIMITS.nameLength),
  point: vector(),
  normal: vector().test('direction', '${path} has no direction', (v) => Array.isArray(v) && Math.hypot(...v) > 1e-6),
  surface: object({
    material: oneOf(SURFACE_MATERIALS),
    shape: oneOf(SURFACE_SHAPES),
    tubeDiameterM: maybeWithin(0.001, 2),
    curvatureRadiusM: maybeWithin(0.005, 1000),
    flatAreaM2: maybeWithin(0, 100),
    wallM: maybeWithin(0, 1),
    mustNot: list(BASE_KINDS.length)
      .of(object({ kind: oneOf(BASE_KINDS), because: text(OUTING_LIMITS.nameLength) }).noUnknown(UNKNOWN_FIELDS))
      .optional(),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
}).noUnknown(UNKNOWN_FIELDS);

const ownId = () =>
  id().matches(/^own-[\w-]+$/, '${path} must begin with "own-" and go on with letters, figures, - and _');

/** What is no number is told by its own field. */
const inOrder = (...numbers: readonly unknown[]): boolean =>
  numbers.every((n, i) => i === 0 || !(Number(n) < Number(numbers[i - 1])));

/** No flat picture comes near half of the world around. */
export const WIDEST_STRAIGHT_DEG = 170;
/** So many times as wide as high, or as high as wide, a picture may be. */
export const PICTURE_SIDES_LIMIT = 4;

const ownCamera = object({
  id: ownId(),
  name: text(OUTING_LIMITS.nameLength),
  projection: oneOf(RADIAL_PROJECTION_IDS),
  fovDeg: within(3, 220),
  fovAcross: oneOf(['horizontal', 'vertical', 'diagonal'] as const),
  widthPx: within(160, 20000),
  heightPx: within(120, 20000),
  framesPerSecond: within(1, 1000),
  depthM: within(0.005, 0.5),
  heightM: within(0.005, 0.5),
  widthM: within(0.005, 0.5),
  massKg: within(0.005, 8),
  closestFocusM: within(0.005, 10),
})
  .noUnknown(UNKNOWN_FIELDS)
  .test('sides', `\${path}: one side of its picture is more than ${PICTURE_SIDES_LIMIT} times the other`, (camera) =>
    inOrder(
      Number(camera?.widthPx) / PICTURE_SIDES_LIMIT,
      Number(camera?.heightPx),
      Number(camera?.widthPx) * PICTURE_SIDES_LIMIT,
    ),
  )
  .test(
    'straight',
    `\${path}: a picture of straight lines spans less than ${WIDEST_STRAIGHT_DEG}°`,
    (camera) => camera?.projection !== 'rectilinear' || !(Number(camera.fovDeg) >= WIDEST_STRAIGHT_DEG),
  );

const ownLink = object({
  id: ownId(),
  name: text(OUTING_LIMITS.nameLength),
  lowM: within(0.005, 4),
  highM: within(0.005, 4),
  thicknessM: within(0.002, 0.1),
  massKg: within(0.001, 5),
})
  .noUnknown(UNKNOWN_FIELDS)
  .test('order', '${path}: its longest is shorter than its shortest', (link) => inOrder(link?.lowM, link?.highM));

const ownBase = object({
  id: ownId(),
  name: text(OUTING_LIMITS.nameLength),
  kind: oneOf(BASE_KINDS),
  shapes: list(SURFACE_SHAPES.length).of(oneOf(SURFACE_SHAPES)),
  tubeLowM: within(0.001, 1),
  tubeHighM: within(0.001, 1),
  heightM: within(0.002, 0.4),
  massKg: within(0.001, 5),
})
  .noUnknown(UNKNOWN_FIELDS)
  .test('order', '${path}: its thickest tube is thinner than its thinnest', (base) =>
    inOrder(base?.tubeLowM, base?.tubeHighM),
  );

const ownKit = () =>
  object({
    cameras: list(OUTING_LIMITS.ownKit).of(ownCamera),
    links: list(OUTING_LIMITS.ownKit).of(ownLink),
    bases: list(OUTING_LIMITS.ownKit).of(ownBase),
  }).noUnknown(UNKNOWN_FIELDS);

export const ownKitSchema = validatorOf<OwnKit>()(ownKit().required('${path} is missing'));

/** Of a kit that was stored the pieces that can be used, and the others as they lie there. */
export function sortOwnKit(stored: unknown): { readonly kit: OwnKit; readonly unreadable: OwnKit } {
  const lists = isRecord(stored) ? stored : {};
  const sort = (name: keyof OwnKit, schema: Schema) => {
    const all: readonly unknown[] = Array.isArray(lists[name]) ? lists[name] : [];
    const fits = all.map((piece) => schema.isValidSync(piece, { strict: true }) && piece !== undefined);
    return [all.filter((_, i) => fits[i]), all.filter((_, i) => !fits[i])] as const;
  };
  const [cameras, links, bases] = [sort('cameras', ownCamera), sort('links', ownLink), sort('bases', ownBase)];
  const part = (which: 0 | 1) => ({ cameras: cameras[which], links: links[which], bases: bases[which] }) as OwnKit;
  return { kit: part(0), unreadable: part(1) };
}

/** Optional wherever it stands. */
export const stanceSharesSchema = () =>
  mixed<Record<string, number>>().test(
    'shares',
    '${path} must hold shares from 0 to 1 only',
    (v) => v === undefined || (isRecord(v) && Object.values(v).every((n) => typeof n === 'number' && n >= 0 && n <= 1)),
  );

export const rigSchema = validatorOf<RigSpec>()(
  object({
    machineId: id(),
    fit: mixed<Record<string, number>>()
      .defined('${path} is missing')
      .test(
        'numbers',
        '${path} must hold numbers only',
        (v) => isRecord(v) && Object.values(v).every((n) => Number.isFinite(n)),
      ),
    wornIds: list(12).of(id()),
    statureM: within(STATURE_RANGE_M.low, STATURE_RANGE_M.high),
    alone: boolean().strict().optional().typeError(truth),
    subject: object({
      machineId: id(),
      distanceM: within(0.5, 3000),
      bearingDeg: within(-360, 360),
      headingDeg: within(-360, 360),
      aboveM: within(-1000, 1000),
    })
      .default(undefined)
      .optional()
      .noUnknown(UNKNOWN_FIELDS),
    stanceShares: stanceSharesSchema(),
    ownSpots: list(OUTING_LIMITS.ownSpots).of(ownSpot).optional(),
    ownKit: ownKit().default(undefined).optional(),
  })
    .required('${path} is missing')
    .noUnknown(UNKNOWN_FIELDS),
);
