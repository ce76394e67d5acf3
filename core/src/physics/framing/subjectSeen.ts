import { meshFromAfar } from '../../mathematics/geometry/coarseMesh';
import { meshPoint } from '../../mathematics/geometry/mesh';
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
import {
  calibrateLens,
  fieldOfViewDeg,
  projectDirectionToPixel,
  type Lens,
  type Pixel,
} from '../../mathematics/lens/lens';
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
/** What is told apart of the outline, as a share of the distance. */
const TOLD_APART = 4e-4;

interface Ball {
  readonly centre: Vec3;
  readonly radiusM: number;
}

/** Measures of a picture with somebody else in it who is small there: the share by a picture of them alone, the extent by the outline, corner by corner. */
export function withSubjectSeen(
  measures: FrameMeasures,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
): FrameMeasures {
  const subject = parts.filter(({ group }) => group === 'subject');
  if (subject.length === 0) return measures;
  const { position } = worldFromCamera;
  const ball = ballRound(subject);
  const awayM = distance(ball.centre, position);
  const acrossRad = 2 * Math.asin(clamp(ball.radiusM / awayM, 0, 1));
  if (awayM <= ball.radiusM || acrossRad > SMALL * toRad(fieldOfViewDeg(lens, 'horizontal'))) return measures;
  const within = inPicture(cornersOf(subject, lens, worldFromCamera, TOLD_APART * awayM), lens);
  const alone = within && seenAlone(parts, position, ball, acrossRad);
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

/** Corners of the parts on the picture. */
function cornersOf(
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  toldApartM: number,
): readonly Pixel[] {
  const cameraFromWorld = invert(worldFromCamera);
  const corners: Pixel[] = [];
  for (const { mesh: whole, worldFromPart } of parts) {
    const mesh = meshFromAfar(whole, toldApartM);
    for (let i = 0; i < mesh.positions.length / 3; i++) {
      const inCamera = transformPoint(cameraFromWorld, transformPoint(worldFromPart, meshPoint(mesh, i)));
      const pixel = projectDirectionToPixel(lens, inCamera);
      if (pixel) corners.push(pixel);
    }
  }
  return corners;
}

/** Where corners lie in the picture, and which share of what they hold; null where all of it is outside. */
function inPicture(corners: readonly Pixel[], { widthPx, heightPx }: Lens) {
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { u, v } of corners) {
    left = Math.min(left, u / widthPx);
    right = Math.max(right, u / widthPx);
    top = Math.min(top, v / heightPx);
    bottom = Math.max(bottom, v / heightPx);
  }
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

/** The area in a plane one metre away, square to the line of sight, as far as nothing else hides it; null where nothing of it is seen. */
function seenAlone(parts: readonly PosedPart[], from: Vec3, ball: Ball, acrossRad: number) {
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
  return cells > 0 ? { planeM2: (cells / CELLS ** 2) * (2 * halfM) ** 2, nearestM } : null;
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
