import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import { rotate } from '../../../mathematics/geometry/rotation';
import { smoothNormalAt } from '../../../mathematics/geometry/surfacePoint';
import { addScaled, dot, normalize, type Vec3 } from '../../../mathematics/geometry/vec3';
import { NO_IMAGE, NO_PART } from '../../../physics/framing/castFrame';
import { castersOf } from '../../../physics/light/ownShadow';
import { shading } from '../../../physics/light/partRays';
import { groundHit, skyness } from '../../../posing/rig/groundHit';
import type { Ground } from '../../../words/carrier/land';
import type { Fold, PosedPart, Tone } from '../../../words/carrier/posedPart';
import { haze } from '../colours/distance';
import { landSeen } from '../colours/lands';
import { creased, wash } from '../colours/surface';
import { landCoordinates, type Rgb, type World } from '../worlds/world';
import {
  glossOf,
  INK,
  IN_SHADOW,
  mixedColour,
  NO_GROUND,
  SHADE,
  SHADOWS_TO_M,
  shadowStride,
  SKIN_M,
  TONE_COLOURS,
  type Painted,
  type Painting,
  landNumber,
} from './painting';
import { skyOver } from './skyOver';

export const darker = ([r, g, b]: Rgb, left: number): Rgb => [r * left, g * left, b * left];

/** Paints pixel by pixel, a row from one pause to the next; the same that the kernel does faster by day. */
export function* paintPlainly(painting: Painting): Generator<void, Painted> {
  const { scene, solids, sceneryColours, cast, origin, ground, world, widthPx, heightPx, dim, lamp, night } = painting;
  const cells = widthPx * heightPx;
  const rgba = new Uint8ClampedArray(cells * 4);
  const normals = new Float32Array(cells * 3);
  const sky = new Uint8Array(cells);
  const skyAt = skyOver(cast.directions, widthPx, world.hills, painting.skySun);
  const lightAt = lightOf(painting);
  const toSun = painting.shadowSun;
  const shadow = painting.outlined && toSun ? new Uint8Array(cells).fill(NO_GROUND) : null;
  const ownShade = shadow && shading(castersOf(scene.slice(0, solids)));
  const partFromWorld = scene.map((p) => invert(p.worldFromPart));
  const lampLight = (point: Vec3): number => night?.lit(point) ?? 1;
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
      if (!painting.land) continue;
      sky[index] = skyness(ground, direction) >= 0 ? 1 : 0;
      const hit = sky[index] === 1 ? null : groundHit(ground, origin, direction);
      const near = hit && hit.distanceM < SHADOWS_TO_M;
      const lit = near ? lightAt(index, hit.point, ground.normal) : 1;
      set(
        index,
        sky[index] === 1
          ? skyAt(index)
          : darker(
              landColour(world, ground, direction, hit),
              lit * dim * (hit ? lampLight(hit.point) : (night?.far ?? 1)),
            ),
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
    normals.set(normal, index * 3);
    if (part >= solids) {
      washed(sceneryColours[part - solids]!, [normal[0], 0.4 + 0.5 * normal[1], normal[2]], direction, 0, lamp);
      haze(distanceM * 2, world.hazeM);
      set(index, darker(mixedColour(), dim * lampLight(point)));
      continue;
    }
    const lit = lightAt(index, point, normal);
    washed(
      TONE_COLOURS[toneAt(posed, local, ownNormal)],
      facing > 0 ? normal : (cloth ?? normal),
      direction,
      lit < 1 ? 0 : glossOf(posed),
      lamp,
    );
    set(index, darker(mixedColour(), lit * dim * lampLight(point)));
  }
  return { rgba, normals, sky, shadow };
}

/** How much of the light is left at a pixel's point: in the shade the sky's alone. Pixels between those that are asked take over from them where they show the same. */
function lightOf({ shadowSun, scene, cast, widthPx, heightPx }: Painting) {
  if (!shadowSun) return () => 1;
  const inShade = shading(scene);
  const asked = new Float32Array(widthPx * heightPx);
  const stride = shadowStride(widthPx);
  return (index: number, point: Vec3, normal: Vec3): number => {
    if (dot(normal, shadowSun) <= 0) return SHADE;
    const x = index % widthPx;
    const y = (index - x) / widthPx;
    const corner = index - (y % stride) * widthPx - (x % stride);
    if (asked[corner]! > 0 && cast.part[corner] === cast.part[index]) return asked[corner]!;
    const from = addScaled(addScaled(point, normal, SKIN_M), shadowSun, SKIN_M);
    asked[index] = inShade(from, shadowSun) ? SHADE : 1;
    return asked[index]!;
  };
}

/** What a part is made of at a point of its surface and the way this faces, in its own frame. */
function toneAt({ tone, marks, lining }: PosedPart, [x, y, z]: Vec3, [, up, right]: Vec3): Tone {
  const mark = marks?.find(
    ({ at, half }) => ((x - at[0]) / half[0]) ** 2 + ((y - at[1]) / half[1]) ** 2 + ((z - at[2]) / half[2]) ** 2 <= 1,
  );
  if (mark) return mark.tone;
  return lining && up * (lining.y - y) - right * z > 0 ? lining.tone : tone;
}

/** How a sleeve's or leg's surface faces where it folds. @param local point and normal in the part's frame */
export function foldedNormal(folds: readonly Fold[], [x, y, z]: Vec3, normal: Vec3): Vec3 {
  let tilt = 0;
  for (const fold of folds) tilt += creased(x, y, z, fold.y, fold.reachM, fold.depth);
  return tilt === 0 ? normal : normalize([normal[0], normal[1] + tilt, normal[2]]);
}

/** Mixes the wash of a surface: see colours/surface.ts. */
export function washed(base: Rgb, normal: Vec3, direction: Vec3, gloss: number, lamp: Vec3): void {
  wash(
    base[0],
    base[1],
    base[2],
    normal[0],
    normal[1],
    normal[2],
    direction[0],
    direction[1],
    direction[2],
    gloss,
    lamp[0],
    lamp[1],
    lamp[2],
  );
}

/** Colour of land along a direction. @param hit where it is met; null = beyond */
export function landColour(
  { nearM, hazeM }: World,
  ground: Ground,
  [x, y, z]: Vec3,
  hit: ReturnType<typeof groundHit>,
): Rgb {
  const [along, across] = hit ? landCoordinates(ground, hit.point) : [0, 0];
  landSeen(landNumber(ground), x, y, z, hit ? hit.distanceM : -1, along, across, nearM, hazeM);
  return mixedColour();
}
