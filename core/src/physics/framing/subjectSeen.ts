import { extremePoints, spreadDirections } from '../../mathematics/geometry/extremePoints';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { multiplyRotations, rotationAbout, rotationFacing } from '../../mathematics/geometry/rotation';
import {
  addScaled,
  cross,
  distance,
  normalize,
  perpendicularTo,
  subtract,
  UP,
  type Vec3,
} from '../../mathematics/geometry/vec3';
import { calibrateLens, fieldOfViewDeg, projectDirectionToPixel, type Lens } from '../../mathematics/lens/lens';
import { rayGrid, type RayGrid } from '../../mathematics/lens/rayGrid';
import { clamp, toDeg, toRad } from '../../mathematics/units/angle';
import type { PosedPart } from '../../words/carrier/posedPart';
import { castFrame } from './castFrame';
import type { FrameMeasures, PartInFrame } from './measureFrame';
import { patchesOf } from './patches';
import { sharedFrame } from './visibilityCube';

/** Whoever takes more than this of the picture's width is near enough for its cells; of whoever takes less wings and limbs fall between them. Estimate 0.5 to 1. */
const SMALL = 0.7;
/** Cells across and down of a picture of them alone. */
const CELLS = 64;
/** That picture is turned about its axis, so that a wing does not lie along its rows and fall between two of them. Degrees. */
const TURNED_DEG = 27;
/** Directions in which corners of the outline are looked for: of each part by itself, then of all of them. About half a percent of their radius is lost. */
const OUTWARD = { part: spreadDirections(100), whole: spreadDirections(500) } as const;

interface Ball {
  readonly centre: Vec3;
  readonly radiusM: number;
}

/**
 * Measures of a picture with somebody else in it who is small there: the share by a picture of them alone, the extent by the outline, corner by corner.
 * @param from where they are looked at from alone; pictures from about one place may share it
 */
export function withSubjectSeen(
  measures: FrameMeasures,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  from: Vec3 = worldFromCamera.position,
): FrameMeasures {
  const subject = parts.filter(({ group }) => group === 'subject');
  if (subject.length === 0) return measures;
  const ball = ballRound(subject);
  const awayM = distance(ball.centre, from);
  const acrossRad = 2 * Math.asin(clamp(ball.radiusM / awayM, 0, 1));
  if (awayM <= ball.radiusM || acrossRad > SMALL * toRad(fieldOfViewDeg(lens, 'horizontal'))) return measures;
  const within = outlineIn(subject, lens, worldFromCamera);
  const alone = within && seenAlone(parts, from, ball, acrossRad);
  const share = alone ? alone.planeM2 * within.kept * scaleAt(lens, worldFromCamera, ball.centre) : 0;
  const { id, name } = subject[0]!;
  const seen: PartInFrame[] =
    alone && share > 0 ? [{ id, name, group: 'subject', share, ...within.at, nearestM: alone.nearestM }] : [];
  return {
    ...measures,
    shares: withShare(measures.shares, share),
    parts: [...measures.parts.filter(({ group }) => group !== 'subject'), ...seen].sort((a, b) => b.share - a.share),
  };
}

/** What there is more or less than was counted is taken from the widest of what lies open. */
function withShare(shares: FrameMeasures['shares'], subject: number): FrameMeasures['shares'] {
  const open = (['sky', 'ground', 'way'] as const).reduce((a, b) => (shares[b] > shares[a] ? b : a));
  return { ...shares, subject, [open]: Math.max(0, shares[open] - (subject - shares.subject)) };
}

function ballRound(parts: readonly PosedPart[]): Ball {
  const balls = parts.map(({ mesh, worldFromPart }): Ball => {
    const { centre, radiusM } = patchesOf(mesh);
    return { centre: transformPoint(worldFromPart, centre), radiusM };
  });
  const at = (k: 0 | 1 | 2): number =>
    (Math.min(...balls.map((b) => b.centre[k] - b.radiusM)) + Math.max(...balls.map((b) => b.centre[k] + b.radiusM))) /
    2;
  const centre: Vec3 = [at(0), at(1), at(2)];
  return { centre, radiusM: Math.max(...balls.map((b) => distance(b.centre, centre) + b.radiusM)) };
}

const outlines = { part: new WeakMap<Mesh, Float64Array>(), whole: new WeakMap<PosedPart, Float64Array>() } as const;

/** Corners that parts reach farthest with, in their own frame; kept with the shape. */
function cornersOf({ mesh }: PosedPart): Float64Array {
  const known = outlines.part.get(mesh);
  if (known) return known;
  const made = extremePoints(mesh.positions, OUTWARD.part);
  outlines.part.set(mesh, made);
  return made;
}

/** Corners of all parts of somebody together, in the world; kept with the first of them. */
function outlineOf(parts: readonly PosedPart[]): Float64Array {
  const known = outlines.whole.get(parts[0]!);
  if (known) return known;
  const placed = parts.flatMap((part) => {
    const corners = cornersOf(part);
    return Array.from({ length: corners.length / 3 }, (_, i) =>
      transformPoint(part.worldFromPart, [corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!]),
    ).flat();
  });
  const made = extremePoints(placed, OUTWARD.whole);
  outlines.whole.set(parts[0]!, made);
  return made;
}

/** Where an outline lies in the picture, and which share of what it holds; null where all of it is outside. */
function outlineIn(parts: readonly PosedPart[], lens: Lens, worldFromCamera: Pose) {
  const { position: at, rotation: r } = worldFromCamera;
  const points = outlineOf(parts);
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < points.length; i += 3) {
    const [x, y, z] = [points[i]! - at[0], points[i + 1]! - at[1], points[i + 2]! - at[2]];
    const pixel = projectDirectionToPixel(lens, [
      r[0] * x + r[3] * y + r[6] * z,
      r[1] * x + r[4] * y + r[7] * z,
      r[2] * x + r[5] * y + r[8] * z,
    ]);
    if (!pixel) continue;
    left = Math.min(left, pixel.u);
    right = Math.max(right, pixel.u);
    top = Math.min(top, pixel.v);
    bottom = Math.max(bottom, pixel.v);
  }
  return inPicture([left / lens.widthPx, right / lens.widthPx, top / lens.heightPx, bottom / lens.heightPx]);
}

function inPicture([left, right, top, bottom]: readonly [number, number, number, number]) {
  const [l, r, t, b] = [clamp(left, 0, 1), clamp(right, 0, 1), clamp(top, 0, 1), clamp(bottom, 0, 1)];
  if (!(r > l && b > t)) return null;
  return {
    kept: ((r - l) * (b - t)) / ((right - left) * (bottom - top)),
    at: {
      centroidU: (l + r) / 2,
      centroidV: (t + b) / 2,
      extent: Math.max(r - l, b - t),
      cut: left < 0 || right > 1 || top < 0 || bottom > 1,
    },
  };
}

const grids = new Map<number, RayGrid>();

/** Rays over a square, the same for all that are about as wide. @returns half of its width in a plane one metre away */
function squareAbout(acrossRad: number): { readonly grid: RayGrid; readonly halfM: number } {
  const step = Math.ceil(4 * Math.log2(toDeg(acrossRad)));
  const fovDeg = Math.min(170, 2 ** (step / 4));
  let grid = grids.get(step);
  if (!grid) {
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: CELLS,
      heightPx: CELLS,
      fovDeg,
      fovAcross: 'horizontal',
      crop: 1,
    });
    grids.set(step, (grid = rayGrid(lens, CELLS, CELLS)));
  }
  return { grid, halfM: Math.tan(toRad(fovDeg) / 2) };
}

type Alone = { readonly planeM2: number; readonly nearestM: number } | null;
/** What was seen from the last place among some parts: another turn of the lens sees the same. */
const seenLast = new WeakMap<readonly PosedPart[], { readonly from: Vec3; readonly seen: Alone }>();

/** The area in a plane one metre away, square to the line of sight, as far as nothing else hides it; null where nothing of it is seen. */
function seenAlone(parts: readonly PosedPart[], from: Vec3, ball: Ball, acrossRad: number): Alone {
  const last = seenLast.get(parts);
  if (last && last.from.every((x, k) => x === from[k])) return last.seen;
  const { grid, halfM } = squareAbout(acrossRad);
  const facing = rotationFacing(subtract(ball.centre, from), UP);
  const rotation = multiplyRotations(facing, rotationAbout([1, 0, 0], TURNED_DEG));
  const { part, distanceM } = castFrame(parts, { position: from, rotation }, grid, sharedFrame(CELLS, CELLS));
  let [cells, nearestM] = [0, Infinity];
  for (let i = 0; i < part.length; i++) {
    if (part[i]! < 0 || parts[part[i]!]!.group !== 'subject') continue;
    cells++;
    nearestM = Math.min(nearestM, distanceM[i]!);
  }
  const seen = cells > 0 ? { planeM2: (cells / CELLS ** 2) * (2 * halfM) ** 2, nearestM } : null;
  seenLast.set(parts, { from, seen });
  return seen;
}

/** Steps to the side that the picture's scale is taken from. */
const STEP = 1e-3;

/** Share of the picture that a square metre one metre away takes, square to the line to a place. */
function scaleAt(lens: Lens, worldFromCamera: Pose, place: Vec3): number {
  const ahead = normalize(transformPoint(invert(worldFromCamera), place));
  const aside = perpendicularTo(ahead, UP);
  const [at, a, b] = [ahead, addScaled(ahead, aside, STEP), addScaled(ahead, cross(ahead, aside), STEP)].map((d) =>
    projectDirectionToPixel(lens, d),
  );
  if (!at || !a || !b) return 0;
  const px2 = Math.abs((a.u - at.u) * (b.v - at.v) - (b.u - at.u) * (a.v - at.v)) / STEP ** 2;
  return px2 / (lens.widthPx * lens.heightPx);
}
