import { transformPoint, invert, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { inverseRotation, rotate, rotationFacing } from '../../mathematics/geometry/rotation';
import { AHEAD, dot, ORIGIN, scale, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import type { CastFrame } from '../../physics/framing/castFrame';
import { castThroughSeam, type Seam } from '../../physics/framing/throughSeam';
import { skyness } from '../../posing/rig/groundHit';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { glassShine } from './glassShine';
import { inkContours } from './inkContours';
import { drawLamps, poolsOf, type NightLamps } from './nightLamps';
import { paintByKernel } from './painting/paintByKernel';
import { mixedColour, SHADE, TONE_COLOURS, type Painting } from './painting/painting';
import { darker, landColour, paintPlainly, washed } from './painting/paintPlainly';
import { outlineMask } from './shadowOutline';
import { discsOf, drawDiscs, isTurning } from './turningDiscs';
import { WORLDS } from './worlds/index';
import { besideCourse, SUN, type Rgb } from './worlds/world';

/** The bright middle of the sky, as panes mirror it. */
const SKY_MIRRORED: Rgb = [214, 224, 229];

interface PictureOptions {
  /** Of what glass mirrors, by a polarising filter; none = all of it. */
  readonly mirrorLeft?: number;
  /** Trees, rocks and posts. */
  readonly scenery?: boolean;
  /** Ground and sky; without them the background stays clear. */
  readonly land?: boolean;
  /** Unit direction to the sun, with the shadows that it throws; null = behind clouds, none = lit as drawings are, without any. */
  readonly toSun?: Vec3 | null;
  /** Whether what the sun throws is drawn. */
  readonly shadows?: boolean;
  /** A line round the shadow of parts on the ground. */
  readonly outlined?: boolean;
  /** Night, lit by lamps beside the way. */
  readonly lamps?: NightLamps;
  /** Between two lenses, where the camera's own strut is not seen. */
  readonly seam?: Seam | null;
}

export interface Picture {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Red, green, blue, opacity; row by row from the top. */
  readonly rgba: Uint8ClampedArray;
}

/** A sun so far down that no light is left of it. */
const DEEP_NIGHT: Vec3 = [0.6, -0.6, 0.53];
/** What is left of country beyond the lamps. */
const FAR_AT_NIGHT = 0.14;
/** How far off what is drawn stands; land and sky behind everything. */
const nearestOf = ({ part, distanceM }: CastFrame): Float64Array =>
  Float64Array.from(distanceM, (d, i) => (part[i]! >= 0 ? d : Infinity));

/** The whole picture grows darker as the sun goes down, less than it does outside: the camera follows. */
const dimBy = (toSun: Vec3): number => Math.max(0.35, Math.min(1, 1 + 3 * Math.min(0, toSun[1])));

/**
 * The picture through the lens, drawn from the same kind of rays as the shares: washes lit by sky and sun, ink where a
 * part ends or folds, the land with its distance marks, sky and far country. Scenery (trees, hills) is only drawn, never measured.
 */
export function renderPicture(...asked: Parameters<typeof pictureSteps>): Picture {
  const steps = pictureSteps(...asked);
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

/** The same, row by row: whoever draws it may do something else in between. */
export function* pictureSteps(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  lens: Lens,
  ground: Ground,
  widthPx: number,
  heightPx: number,
  {
    scenery: withScenery = true,
    land = true,
    toSun: told,
    shadows = true,
    outlined = false,
    lamps,
    seam = null,
    mirrorLeft = 1,
  }: PictureOptions = {},
): Generator<void, Picture> {
  const world = WORLDS[ground.world];
  const toSun = lamps ? DEEP_NIGHT : told;
  // The land is laid out along x through the origin, then put where the course runs.
  const place = poseAt(ground.point, rotationFacing([ground.ahead[0], 0, ground.ahead[2]], UP));
  const laid = {
    ...ground,
    point: ORIGIN,
    normal: rotate(inverseRotation(place.rotation), ground.normal),
    ahead: AHEAD,
  };
  const from = besideCourse(transformPoint(invert(place), worldFromCamera.position));
  const scenery =
    withScenery && land ? world.scenery(laid, from).map((item) => ({ ...item, worldFromPart: place })) : [];
  const solid = parts.filter((part) => !part.seeThrough && !isTurning(part));
  const discs = discsOf(parts, ({ tone }) => TONE_COLOURS[tone]);
  const scene: PosedPart[] = [
    ...solid,
    ...scenery.map((item, i): PosedPart => ({
      id: `scenery${i}`,
      name: 'scenery',
      group: 'machine',
      tone: 'frame',
      ...item,
    })),
  ];
  const cast = castThroughSeam(scene, worldFromCamera, rayGrid(lens, widthPx, heightPx), seam);
  // Clouds light from above.
  const lamp = toSun === null || lamps ? UP : (toSun ?? SUN);
  const dim = toSun && !lamps ? dimBy(toSun) : 1;
  const origin = worldFromCamera.position;
  const painting: Painting = {
    scene,
    solids: solid.length,
    sceneryColours: scenery.map(({ colour }) => colour),
    cast,
    origin,
    ground,
    world,
    land,
    widthPx,
    heightPx,
    skySun: toSun === undefined ? SUN : toSun,
    lamp,
    dim,
    shadowSun: shadows && toSun && toSun[1] > 0 ? toSun : null,
    outlined,
    night: lamps ? { lit: poolsOf(ground, lamps), far: FAR_AT_NIGHT } : null,
  };
  const { rgba, normals, sky, shadow } = yield* paintByKernel(painting) ?? paintPlainly(painting);
  inkContours(rgba, cast.part, cast.distanceM, normals, sky, widthPx, heightPx, solid.length, piecesOf(scene));
  drawDiscs(rgba, cast, origin, discs, dim * (lamps ? FAR_AT_NIGHT : 1));
  if (land && !lamps)
    yield* glassShine(rgba, cast, origin, parts, [widthPx, heightPx], {
      mirrorLeft,
      washed(part, normal, along) {
        washed(TONE_COLOURS[part.tone], dot(normal, along) > 0 ? scale(normal, -1) : normal, along, 0, lamp);
        return darker(mixedColour(), SHADE * dim);
      },
      beyond: (along) =>
        darker(skyness(ground, along) >= 0 ? SKY_MIRRORED : landColour(world, ground, along, null), dim),
    });
  if (shadow) outlineMask(rgba, shadow, widthPx, heightPx);
  if (lamps) drawLamps(rgba, nearestOf(cast), worldFromCamera, lens, ground, lamps);
  return { widthPx, heightPx, rgba };
}

/** Parts sewn together have one number, all others one each. */
const piecesOf = (scene: readonly PosedPart[]): readonly number[] =>
  scene.map(({ sewn }, i) => (sewn === undefined ? i : scene.findIndex((other) => other.sewn === sewn)));
