import { smoothNormalAt } from '../../mathematics/geometry/surfacePoint';
import { inverseRotation, rotate, rotationFacing } from '../../mathematics/geometry/rotation';
import { transformPoint, invert, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { addScaled, AHEAD, dot, ORIGIN, scale, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { NO_IMAGE, NO_PART, type CastFrame } from '../../physics/framing/castFrame';
import { castThroughSeam, type Seam } from '../../physics/framing/throughSeam';
import { castersOf } from '../../physics/light/ownShadow';
import { shading } from '../../physics/light/partRays';
import { groundHit, skyness } from '../../posing/rig/groundHit';
import type { Lens } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart, Tone } from '../../words/carrier/posedPart';
import { foldedNormal } from './cloth';
import { glassShine } from './glassShine';
import { INK, inkContours } from './inkContours';
import { drawLamps, poolsOf, type NightLamps } from './nightLamps';
import { outlineMask } from './shadowOutline';
import { discsOf, drawDiscs, isTurning } from './turningDiscs';
import { WORLDS } from './worlds/index';
import { skyOver } from './worlds/sky';
import { besideCourse, hazeAt, landCoordinates, SUN, type Rgb, type World } from './worlds/world';

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

/** Washes for what parts are made of; only the strut has a loud colour. */
const TONE_COLOURS: Readonly<Record<Tone, Rgb>> = {
  frame: [116, 146, 158],
  metal: [186, 188, 186],
  black: [84, 86, 90],
  tyre: [74, 72, 70],
  rubber: [98, 94, 92],
  jersey: [104, 118, 152],
  trousers: [122, 116, 110],
  glove: [70, 76, 90],
  shoe: [96, 90, 88],
  skin: [218, 184, 158],
  shell: [232, 228, 216],
  trim: [136, 146, 150],
  lens: [52, 62, 74],
  strap: [72, 72, 74],
  hivis: [242, 92, 24],
  paint: [150, 92, 84],
  lining: [188, 185, 176],
  glass: [150, 176, 186],
  board: [206, 190, 152],
  sail: [238, 236, 226],
  rope: [196, 186, 160],
  wood: [168, 138, 104],
  leaf: [112, 136, 86],
};

/** Off the surface that a shadow is looked for from, metres. */
const SKIN_M = 0.004;
/** What is left of the light in the shade of a clear day: for drawing only. */
const SHADE = 0.62;
/** From this width on a ray to the sun is cast for one pixel in four. */
const SPARSE_FROM_PX = 200;
/** Beyond that a shadow is a few pixels: not looked for. */
const SHADOWS_TO_M = 60;

/** A sun so far down that no light is left of it. */
const DEEP_NIGHT: Vec3 = [0.6, -0.6, 0.53];
/** What is left of country beyond the lamps. */
const FAR_AT_NIGHT = 0.14;
/** Of the mask of one's own shadow. */
const [IN_SHADOW, NO_GROUND] = [1, 2];

/** How far off what is drawn stands; land and sky behind everything. */
const nearestOf = ({ part, distanceM }: CastFrame): Float64Array =>
  Float64Array.from(distanceM, (d, i) => (part[i]! >= 0 ? d : Infinity));

const darker = ([r, g, b]: Rgb, left: number): Rgb => [r * left, g * left, b * left];

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
  const inShade = shadows && toSun && toSun[1] > 0 ? shading(scene) : null;
  const asked = inShade ? new Float32Array(widthPx * heightPx) : null;
  const stride = widthPx >= SPARSE_FROM_PX ? 2 : 1;
  /** How much of the light is left at a pixel's point: in the shade the sky's alone. Pixels between those that are asked take over from them where they show the same. */
  const lightAt = (index: number, point: Vec3, normal: Vec3): number => {
    if (!inShade || !asked || !toSun) return 1;
    if (dot(normal, toSun) <= 0) return SHADE;
    const x = index % widthPx;
    const y = (index - x) / widthPx;
    const corner = index - (y % stride) * widthPx - (x % stride);
    if (asked[corner]! > 0 && cast.part[corner] === cast.part[index]) return asked[corner]!;
    const lit = inShade(addScaled(addScaled(point, normal, SKIN_M), toSun, SKIN_M), toSun) ? SHADE : 1;
    asked[index] = lit;
    return lit;
  };
  // Clouds light from above.
  const lamp = toSun === null || lamps ? UP : (toSun ?? SUN);
  const dim = toSun && !lamps ? dimBy(toSun) : 1;
  const pools = lamps ? poolsOf(ground, lamps) : null;
  const afar = lamps ? FAR_AT_NIGHT : 1;
  const lampLight = (point: Vec3): number => pools?.(point) ?? 1;
  const cells = widthPx * heightPx;
  const skyAt = skyOver(cast.directions, widthPx, world.hills, toSun === undefined ? SUN : toSun);
  const rgba = new Uint8ClampedArray(cells * 4);
  const normals = new Float32Array(cells * 3);
  const sky = new Uint8Array(cells);
  const shadow = outlined && inShade ? new Uint8Array(cells).fill(NO_GROUND) : null;
  const ownShade = shadow ? shading(castersOf(solid)) : null;
  const origin = worldFromCamera.position;
  const partFromWorld = scene.map((p) => invert(p.worldFromPart));
  const set = (index: number, colour: Rgb) => {
    rgba[index * 4] = colour[0];
    rgba[index * 4 + 1] = colour[1];
    rgba[index * 4 + 2] = colour[2];
    rgba[index * 4 + 3] = 255;
  };

  for (let index = 0; index < cells; index++) {
    if (index % widthPx === 0) yield;
    const part = cast.part[index]!;
    if (part === NO_IMAGE) {
      set(index, INK);
      continue;
    }
    const direction: Vec3 = [
      cast.directions[index * 3]!,
      cast.directions[index * 3 + 1]!,
      cast.directions[index * 3 + 2]!,
    ];
    if (part === NO_PART) {
      if (!land) continue;
      sky[index] = skyness(ground, direction) >= 0 ? 1 : 0;
      const hit = sky[index] === 1 ? null : groundHit(ground, origin, direction);
      const near = hit && hit.distanceM < SHADOWS_TO_M;
      const lit = near ? lightAt(index, hit.point, ground.normal) : 1;
      set(
        index,
        sky[index] === 1
          ? skyAt(index)
          : darker(landColour(world, ground, direction, hit), lit * dim * (hit ? lampLight(hit.point) : afar)),
      );
      if (shadow && hit)
        shadow[index] =
          near && lit < 1 && toSun && ownShade?.(addScaled(hit.point, toSun, SKIN_M), toSun) ? IN_SHADOW : 0;
      continue;
    }
    const posed = scene[part]!;
    const distanceM = cast.distanceM[index]!;
    const point = addScaled(origin, direction, distanceM);
    const local = transformPoint(partFromWorld[part]!, point);
    const ownNormal = smoothNormalAt(posed.mesh, cast.triangle[index]!, local);
    let normal = rotate(posed.worldFromPart.rotation, ownNormal);
    const cloth = posed.folds && rotate(posed.worldFromPart.rotation, foldedNormal(posed.folds, local, ownNormal));
    const facing = dot(normal, direction);
    if (facing > 0) normal = [-normal[0], -normal[1], -normal[2]];
    normals[index * 3] = normal[0];
    normals[index * 3 + 1] = normal[1];
    normals[index * 3 + 2] = normal[2];
    const isScenery = part >= solid.length;
    const base = isScenery ? scenery[part - solid.length]!.colour : TONE_COLOURS[toneAt(posed, local, ownNormal)];
    const lit = isScenery ? 1 : lightAt(index, point, normal);
    const washed = isScenery
      ? hazeAt(
          wash(base, [normal[0], 0.4 + 0.5 * normal[1], normal[2]], direction, 0, lamp),
          distanceM * 2,
          world.hazeM,
        )
      : wash(base, facing > 0 ? normal : (cloth ?? normal), direction, lit < 1 ? 0 : (GLOSS[posed.tone] ?? 0), lamp);
    set(index, darker(washed, lit * dim * lampLight(point)));
  }
  inkContours(rgba, cast.part, cast.distanceM, normals, sky, widthPx, heightPx, solid.length, piecesOf(scene));
  drawDiscs(rgba, cast, origin, discs, dim * (lamps ? FAR_AT_NIGHT : 1));
  if (land && !lamps)
    yield* glassShine(rgba, cast, origin, parts, [widthPx, heightPx], {
      mirrorLeft,
      washed: (part, normal, along) =>
        darker(
          wash(TONE_COLOURS[part.tone], dot(normal, along) > 0 ? scale(normal, -1) : normal, along, 0, lamp),
          SHADE * dim,
        ),
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

/** What a part is made of at a point of its surface and the way this faces, in its own frame. */
function toneAt({ tone, marks, lining }: PosedPart, [x, y, z]: Vec3, [, up, right]: Vec3): Tone {
  const mark = marks?.find(
    ({ at, half }) => ((x - at[0]) / half[0]) ** 2 + ((y - at[1]) / half[1]) ** 2 + ((z - at[2]) / half[2]) ** 2 <= 1,
  );
  if (mark) return mark.tone;
  return lining && up * (lining.y - y) - right * z > 0 ? lining.tone : tone;
}

const GLOSS: Partial<Record<Tone, number>> = {
  frame: 0.35,
  metal: 0.5,
  shell: 0.3,
  lens: 0.6,
  hivis: 0.2,
  trim: 0.2,
  paint: 0.5,
  board: 0.3,
};

/** Wash of a lit surface: sky from above, warm ground light from below, sun with a soft edge. */
function wash(base: Rgb, normal: Vec3, direction: Vec3, gloss: number, toSun: Vec3): Rgb {
  const sky = 0.5 + 0.5 * normal[1];
  const sun = Math.max(0, dot(normal, toSun));
  const light = 0.46 + 0.3 * sky + 0.36 * sun;
  const reflected = addScaled(direction, normal, -2 * dot(direction, normal));
  const shine = gloss * 110 * Math.max(0, dot(reflected, toSun)) ** 24;
  return [
    base[0] * light + shine + 3 * (1 - sky),
    base[1] * light + shine,
    base[2] * light * (0.95 + 0.08 * sky) + shine,
  ];
}

function landColour(world: World, ground: Ground, direction: Vec3, hit: ReturnType<typeof groundHit>): Rgb {
  if (!hit) return world.far(direction);
  if (hit.distanceM > world.nearM) return hazeAt(world.far(direction), hit.distanceM, world.hazeM);
  const [along, across] = landCoordinates(ground, hit.point);
  return hazeAt(world.colour(along, across, hit.distanceM), hit.distanceM, world.hazeM);
}
