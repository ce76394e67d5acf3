import { hypotenuse } from '../../mathematics/numbers/hypotenuse';
import type { Rotation } from '../../mathematics/geometry/rotation';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import { PROJECTIONS, WHOLE_SPHERE } from '../../mathematics/lens/projection';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import { heightAboveGround } from '../../posing/rig/groundHit';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { NO_IMAGE, NO_PART, type CastFrame } from './castFrame';
import { travelDirection } from './measureFrame';

/** How far a turn of a direction moves its pixel: along one axis across it and along the other, picture heights a radian. */
interface ScreenGain {
  readonly axis: Float64Array;
  readonly along: Float64Array;
  readonly across: Float64Array;
}

const gains = new WeakMap<RayGrid, ScreenGain>();

const STEP_RAD = 1e-5;

/** For r = f·R(θ): f·R′(θ) away from the lens axis and f·R(θ)/sin θ round it; for the whole sphere by height and round. */
function screenGain(grid: RayGrid, lens: Lens): ScreenGain {
  const known = gains.get(grid);
  if (known) return known;
  const cells = grid.columns * grid.rows;
  const made = { axis: new Float64Array(3 * cells), along: new Float64Array(cells), across: new Float64Array(cells) };
  const f = lens.focalPx / lens.heightPx;
  for (let i = 0; i < cells; i++) {
    const [x, y, z] = [grid.directions[i * 3]!, grid.directions[i * 3 + 1]!, grid.directions[i * 3 + 2]!];
    if (Number.isNaN(x)) continue;
    if (lens.projection === WHOLE_SPHERE) {
      const level = Math.max(hypotenuse(x, z), 1e-6);
      made.axis.set([(-x * y) / level, level, (-z * y) / level], i * 3);
      made.along[i] = f;
      made.across[i] = f / level;
      continue;
    }
    const off = hypotenuse(y, z);
    const theta = Math.atan2(off, x);
    const radius = PROJECTIONS[lens.projection].radiusFromAngle;
    const slope =
      (radius(theta + STEP_RAD) - radius(Math.max(0, theta - STEP_RAD))) /
      (theta + STEP_RAD - Math.max(0, theta - STEP_RAD));
    made.axis.set(off > 1e-9 ? [-Math.sin(theta), (x * y) / off, (x * z) / off] : [0, 1, 0], i * 3);
    made.along[i] = f * slope;
    made.across[i] = theta > 1e-6 ? (f * radius(theta)) / Math.sin(theta) : f * slope;
  }
  gains.set(grid, made);
  return made;
}

/** What streams: the land, past a camera that rides along; or whoever passes a camera that stands still, told by which parts are theirs. */
export type Streams = { readonly ground: Ground } | { readonly passing: readonly boolean[]; readonly travel: Vec3 };

/**
 * Mean over the whole picture of how fast what is seen moves on the screen, picture heights a second at 1 m/s. What rides along (machine, body,
 * whoever is framed) and the sky count as standing still. For a rectilinear lens over flat ground each pixel moves by (1/(h·f))·y·√(x² + y²),
 * x and y from the vanishing point in picture heights; somebody who passes a still camera across the view at a distance d moves by f/d.
 */
export function screenStreaming(
  cast: Pick<CastFrame, 'part' | 'directions' | 'distanceM'>,
  grid: RayGrid,
  lens: Lens,
  { position, rotation }: { readonly position: Vec3; readonly rotation: Rotation },
  streams: Streams,
): number {
  const gain = screenGain(grid, lens);
  const land = 'ground' in streams ? streams.ground : null;
  const passing = 'passing' in streams ? streams.passing : null;
  const [tx, ty, tz] = 'travel' in streams ? streams.travel : travelDirection(streams.ground);
  const [nx, ny, nz] = land?.normal ?? [0, 1, 0];
  const height = land ? heightAboveGround(land, position) : 0;
  let [sum, cells] = [0, 0];
  for (let i = 0; i < cast.part.length; i++) {
    const part = cast.part[i]!;
    if (part === NO_IMAGE) continue;
    cells++;
    const x = cast.directions[i * 3]!;
    const y = cast.directions[i * 3 + 1]!;
    const z = cast.directions[i * 3 + 2]!;
    let perM = 0;
    if (passing) {
      if (part >= 0 && passing[part]) perM = -1 / cast.distanceM[i]!;
    } else if (part === NO_PART && height > 0) {
      const down = x * nx + y * ny + z * nz;
      if (down < -1e-9) perM = -down / height;
    }
    if (perM === 0) continue;
    // The point comes nearer by 1 m/s, or goes along: its direction turns by what of that lies across it, over the distance.
    const toward = tx * x + ty * y + tz * z;
    const wx = (toward * x - tx) * perM;
    const wy = (toward * y - ty) * perM;
    const wz = (toward * z - tz) * perM;
    const cx = rotation[0] * wx + rotation[3] * wy + rotation[6] * wz;
    const cy = rotation[1] * wx + rotation[4] * wy + rotation[7] * wz;
    const cz = rotation[2] * wx + rotation[5] * wy + rotation[8] * wz;
    const along = cx * gain.axis[i * 3]! + cy * gain.axis[i * 3 + 1]! + cz * gain.axis[i * 3 + 2]!;
    const across2 = Math.max(0, wx * wx + wy * wy + wz * wz - along * along);
    sum += Math.sqrt((gain.along[i]! * along) ** 2 + gain.across[i]! ** 2 * across2);
  }
  return cells > 0 ? sum / cells : 0;
}

/** A picture, and what it was taken with. */
interface Taken {
  readonly cast: Pick<CastFrame, 'part' | 'directions' | 'distanceM'>;
  readonly grid: RayGrid;
  readonly lens: Lens;
  readonly worldFromCamera: { readonly position: Vec3; readonly rotation: Rotation };
  readonly parts: readonly PosedPart[];
}

/** Beyond it the land smears: the eye follows nothing of it, and it does not feel faster. Common practice, no source. */
const SMEARS_FROM = 12;

/** A speed feel as it is told. */
export const feelWords = (speedFeel: number): string =>
  speedFeel >= SMEARS_FROM - 0.05 ? `over ${SMEARS_FROM} ×` : `${speedFeel.toFixed(1)} ×`;

/** The speed feel of one picture, at most SMEARS_FROM; null where nobody's eyes are there to hold it against. @param aboard whether the camera rides along */
export function speedFeelOf(
  { eyes, ground }: Pick<PosedRig, 'eyes' | 'ground'>,
  aboard: boolean,
  { cast, grid, lens, worldFromCamera, parts }: Taken,
): number | null {
  if (!eyes) return null;
  const streams = aboard
    ? { ground }
    : { passing: parts.map(({ group }) => group === 'subject'), travel: travelDirection(ground) };
  const feel =
    screenStreaming(cast, grid, lens, worldFromCamera, streams) /
    eyeStreaming(lens, heightAboveGround(ground, eyes.position));
  return Math.min(feel, SMEARS_FROM);
}

const STRIPS = 400;
const known = new Map<string, number>();

/**
 * The 1.0 of the speed feel: eyes at their height over the ground, a rectilinear view of 90° from corner to corner and of the same shape along the slope, nothing in
 * the way; the integral of y·√(x² + y²) over its lower half, over h·f and the picture's area.
 */
export function eyeStreaming({ widthPx, heightPx }: Pick<Lens, 'widthPx' | 'heightPx'>, eyeHeightM: number): number {
  const aspect = widthPx / heightPx;
  const key = aspect.toFixed(6);
  const shape = known.get(key) ?? meanFlow(aspect);
  known.set(key, shape);
  // f = half the diagonal over tan 45°, in picture heights.
  return shape / (eyeHeightM * (hypotenuse(aspect, 1) / 2));
}

function meanFlow(aspect: number): number {
  let sum = 0;
  for (let i = 0; i < STRIPS; i++) {
    const x = ((i + 0.5) / STRIPS) * (aspect / 2);
    for (let k = 0; k < STRIPS; k++) {
      const y = ((k + 0.5) / STRIPS) * 0.5;
      sum += y * hypotenuse(x, y);
    }
  }
  // Half the picture is sky, and both sides are alike.
  return sum / STRIPS ** 2 / 2;
}

/** A stance that shows no moving ground still leaves the others their say. Estimate 0.02 to 0.1. */
const STANDING = 0.05;

/** Over the ride: the geometric mean by share of time, so that no single stance decides it; null where none is known. */
export function feelOverRide(
  stances: readonly { readonly share: number; readonly speedFeel: number | null }[],
): number | null {
  let [sum, of] = [0, 0];
  for (const { share, speedFeel } of stances) {
    if (!(share > 0) || speedFeel === null) continue;
    sum += share * Math.log(Math.max(speedFeel, STANDING));
    of += share;
  }
  return of > 0 ? Math.exp(sum / of) : null;
}
