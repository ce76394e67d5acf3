import { invert, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotationFacing } from '../../mathematics/geometry/rotation';
import { addScaled, length, subtract, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { projectDirectionToPixel, type Lens } from '../../mathematics/lens/lens';
import { LAMP } from '../../physics/light/streaks';
import type { Ground } from '../../words/carrier/land';

/** A lit way at night, and how long the shutter sees it go by. */
export interface NightLamps {
  readonly exposureS: number;
  readonly speedMps: number;
}

/** Row of lamps on either side, as high as street lamps are: for drawing only. */
const ROW = { spacingM: 30, behind: 3, ahead: 9, heightM: 6 } as const;
/** What is left between the lamps' pools of light. */
const BETWEEN = 0.14;
/** Of a lamp's head, metres. */
const HEAD_M = 0.35;
const GLOW = [255, 222, 160] as const;
/** Times within the exposure at which the pools are looked at, and lamps are drawn. */
const POOL_TIMES = 3;
const STREAK_TIMES = 48;

/** The lamps at the middle of the exposure's beginning, in the world. */
function lampsAt({ point, ahead }: Ground): readonly Vec3[] {
  const place: Pose = poseAt(point, rotationFacing([ahead[0], 0, ahead[2]], UP));
  const steps = Array.from({ length: ROW.behind + ROW.ahead + 1 }, (_, i) => i - ROW.behind);
  return steps.flatMap((step, i) =>
    [-1, 1].map((side) =>
      transformPoint(place, [
        // Staggered, as along a street.
        LAMP.aheadM + (step + (side > 0 ? 0.5 : 0)) * ROW.spacingM,
        ROW.heightM,
        side * (LAMP.asideM + (i % 2) * 0.2),
      ]),
    ),
  );
}

/** How bright a point is lit over the exposure, 0 to 1. */
export function poolsOf(ground: Ground, { exposureS, speedMps }: NightLamps): (point: Vec3) => number {
  const lamps = lampsAt(ground);
  const shifts = Array.from(
    { length: POOL_TIMES },
    (_, i) => ((i + 0.5) / POOL_TIMES) * Math.min(exposureS * speedMps, 2 * ROW.spacingM),
  );
  return (point) => {
    let sum = 0;
    for (const shift of shifts) {
      const on = addScaled(point, ground.ahead, shift);
      for (const lamp of lamps) {
        const away2 = (lamp[0] - on[0]) ** 2 + (lamp[2] - on[2]) ** 2;
        // Falls with the square and the slant: (h²/(h² + r²))^1.5.
        if (away2 < 900) sum += (ROW.heightM ** 2 / (ROW.heightM ** 2 + away2)) ** 1.5;
      }
    }
    return Math.min(1, BETWEEN + sum / shifts.length);
  };
}

/**
 * Draws each lamp over the way that it goes while the shutter is open, behind what stands nearer.
 * @param nearestM of each pixel, what is drawn there; Infinity = land or sky
 */
export function drawLamps(
  rgba: Uint8ClampedArray,
  nearestM: ArrayLike<number>,
  worldFromCamera: Pose,
  lens: Lens,
  ground: Ground,
  { exposureS, speedMps }: NightLamps,
): void {
  const cameraFromWorld = invert(worldFromCamera);
  const { widthPx, heightPx } = lens;
  const glow = new Float32Array(widthPx * heightPx);
  const put = (u: number, v: number, radius: number, farM: number) => {
    const reach = Math.ceil(radius + 1);
    for (let y = Math.max(0, Math.floor(v - reach)); y <= Math.min(heightPx - 1, Math.ceil(v + reach)); y++) {
      for (let x = Math.max(0, Math.floor(u - reach)); x <= Math.min(widthPx - 1, Math.ceil(u + reach)); x++) {
        const index = y * widthPx + x;
        if (nearestM[index]! < farM) continue;
        const off = Math.hypot(x + 0.5 - u, y + 0.5 - v);
        glow[index] = Math.max(glow[index]!, Math.min(1, Math.max(0, radius + 0.7 - off)));
      }
    }
  };
  for (const lamp of lampsAt(ground)) {
    let before: { u: number; v: number } | null = null;
    for (let i = 0; i <= STREAK_TIMES; i++) {
      const at = addScaled(lamp, ground.ahead, -speedMps * exposureS * (i / STREAK_TIMES));
      const away = subtract(at, worldFromCamera.position);
      const farM = length(away);
      const pixel = projectDirectionToPixel(lens, transformPoint(cameraFromWorld, at));
      if (!pixel || farM < 0.5) {
        before = null;
        continue;
      }
      const radius = Math.min(heightPx / 40, Math.max(0.5, (HEAD_M * lens.focalPx) / farM / 2));
      const steps = before ? Math.min(400, Math.ceil(Math.hypot(pixel.u - before.u, pixel.v - before.v))) : 1;
      const inside = (p: { u: number; v: number }) =>
        p.u > -widthPx && p.u < 2 * widthPx && p.v > -heightPx && p.v < 2 * heightPx;
      if (inside(pixel) && (!before || inside(before)))
        for (let step = 1; step <= Math.max(1, steps); step++) {
          const t = before ? step / steps : 1;
          const from = before ?? pixel;
          put(from.u + (pixel.u - from.u) * t, from.v + (pixel.v - from.v) * t, radius, farM);
        }
      before = pixel;
    }
  }
  for (let index = 0; index < glow.length; index++) {
    const g = glow[index]!;
    if (g === 0) continue;
    for (let k = 0; k < 3; k++) rgba[index * 4 + k] = rgba[index * 4 + k]! * (1 - g) + GLOW[k as 0 | 1 | 2] * g;
  }
}
