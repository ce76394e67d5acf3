import type { Pose } from '../../mathematics/geometry/pose';
import { normalize, rejectFrom, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import type { Ground } from '../../words/carrier/land';
import type { PartGroup, PosedPart } from '../../words/carrier/posedPart';
import { NO_IMAGE, NO_PART, type CastFrame } from './castFrame';
import { cornerSkyness, crossedShare, skyPlanes, straightShare } from './skyLine';
import { horizonAtCentre, type Horizon } from '../../posing/aiming/horizon';
import { type FrameShares, type FrameGroup, FRAME_GROUPS } from '../../words/shot/frameGroup';

export interface PartInFrame {
  readonly id: string;
  readonly name: string;
  readonly group: PartGroup;
  readonly share: number;
  /** Middle of what is seen of it, fractions of the picture from the left and from the top. */
  readonly centroidU: number;
  readonly centroidV: number;
  /** Greatest extent across or down, as a share of the picture's width or height. */
  readonly extent: number;
  /** Whether it runs out of the picture. */
  readonly cut: boolean;
  readonly nearestM: number;
}

export interface FrameMeasures {
  /** Shares of the image area; they add up to 1. */
  readonly shares: FrameShares;
  /** The same of the picture's middle half across and down. */
  readonly middle: FrameShares;
  /** Parts seen, largest first. */
  readonly parts: readonly PartInFrame[];
  readonly horizon: Horizon;
  readonly nearest: { readonly name: string; readonly distanceM: number } | null;
}

/** The way: ground more than this far ahead of the place under the carrier and within this bearing of the direction of travel. */
export const WAY = { fromM: 1.5, halfBearingDeg: 45 } as const;
export const WAY_SLOPE = Math.tan((WAY.halfBearingDeg * Math.PI) / 180);
// Hot enough that looking up Math each time counts.
const { abs } = Math;

/** What is seen of each part so far, by its number; used again for each picture. */
let room = seenFor(128);

function seenFor(parts: number) {
  return {
    /** Of the picture, in cells. */
    size: { columns: 0, rows: 0 },
    cells: new Int32Array(parts),
    inner: new Int32Array(parts),
    u: new Float64Array(parts),
    v: new Float64Array(parts),
    cut: new Uint8Array(parts),
    left: new Int32Array(parts),
    right: new Int32Array(parts),
    top: new Int32Array(parts),
    bottom: new Int32Array(parts),
    nearestM: new Float64Array(parts),
  };
}

/** What is seen of the parts, by their numbers, and of what lies open: sums over cells. */
export interface Tallied {
  readonly seen: ReturnType<typeof seenFor>;
  /** Cells with an image, and those of them in the middle half. */
  readonly image: number;
  readonly innerImage: number;
  /** Cells of sky, way and ground so far. */
  readonly shares: Record<FrameGroup, number>;
  readonly middle: Record<FrameGroup, number>;
}

/** Room for what is seen of so many parts, nothing yet; the last one given out is written over. */
export function freshSeen(parts: number, columns: number, rows: number): Tallied['seen'] {
  if (room.cells.length < parts) room = seenFor(2 * parts);
  const { size, cells, inner, u, v, cut, left, right, top, bottom, nearestM } = room;
  Object.assign(size, { columns, rows });
  cells.fill(0);
  inner.fill(0);
  u.fill(0);
  v.fill(0);
  cut.fill(0);
  left.fill(1 << 20);
  right.fill(-1);
  top.fill(1 << 20);
  bottom.fill(-1);
  nearestM.fill(Infinity);
  return room;
}

export const noShares = (): Record<FrameGroup, number> => ({
  way: 0,
  ground: 0,
  sky: 0,
  hands: 0,
  machine: 0,
  rider: 0,
  face: 0,
  subject: 0,
  own: 0,
});

/** @param exactSky finds the sky line within each cell to the last digit; otherwise straight between the cell's corners */
export function measureFrame(
  cast: CastFrame,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  ground: Ground,
  exactSky = true,
): FrameMeasures {
  const { columns, rows } = cast;
  const shares = noShares();
  const middle = noShares();
  const [left0, right0, top0, bottom0] = [columns / 4, (columns * 3) / 4, rows / 4, (rows * 3) / 4];
  const seen = freshSeen(parts.length, columns, rows);
  const { cells, inner, u, v, cut, left, right, top, bottom, nearestM } = seen;
  const sky = skyPlanes(worldFromCamera.rotation, ground);
  const corner = cornerSkyness(lens, sky, columns, rows);
  const isWay = wayTest(worldFromCamera.position, ground);
  const below = columns + 1;
  let image = 0;
  let innerImage = 0;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const index = row * columns + column;
      const part = cast.part[index]!;
      if (part === NO_IMAGE) continue;
      image++;
      const isInner = column + 0.5 > left0 && column + 0.5 < right0 && row + 0.5 > top0 && row + 0.5 < bottom0;
      if (isInner) innerImage++;
      if (part === NO_PART) {
        const at = row * below + column;
        const a = corner[at]!;
        const b = corner[at + 1]!;
        const c = corner[at + below]!;
        const d = corner[at + below + 1]!;
        let share: number;
        if (a >= 0 && b >= 0 && c >= 0 && d >= 0) share = 1;
        else if (a < 0 && b < 0 && c < 0 && d < 0) share = 0;
        else if (exactSky) share = crossedShare(lens, sky, { column, row, columns, rows }, [a, b, c, d]);
        else share = straightShare(a, b, c, d);
        shares.sky += share;
        if (isInner) middle.sky += share;
        if (share < 1) {
          const way = isWay(
            cast.directions[index * 3]!,
            cast.directions[index * 3 + 1]!,
            cast.directions[index * 3 + 2]!,
          );
          shares[way ? 'way' : 'ground'] += 1 - share;
          if (isInner) middle[way ? 'way' : 'ground'] += 1 - share;
        }
        continue;
      }
      cells[part]!++;
      if (isInner) inner[part]!++;
      u[part]! += column + 0.5;
      v[part]! += row + 0.5;
      if (column < left[part]!) left[part] = column;
      if (column > right[part]!) right[part] = column;
      if (row < top[part]!) top[part] = row;
      if (row > bottom[part]!) bottom[part] = row;
      if (column === 0 || row === 0 || column === columns - 1 || row === rows - 1) cut[part] = 1;
      if (cast.distanceM[index]! < nearestM[part]!) nearestM[part] = cast.distanceM[index]!;
    }
  }
  return measuresOf({ seen, image, innerImage, shares, middle }, parts, lens, worldFromCamera, ground);
}

/** Shares, parts and sky line of a picture whose cells were counted. */
export function measuresOf(
  { seen, image, innerImage, shares, middle }: Tallied,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  ground: Ground,
): FrameMeasures {
  const { cells, inner, u, v, cut, left, right, top, bottom, nearestM } = seen;
  const { columns, rows } = seen.size;
  const inFrame: PartInFrame[] = [];
  for (let index = 0; index < parts.length; index++) {
    const count = cells[index]!;
    if (count === 0) continue;
    const { id, name } = parts[index]!;
    const group = groupSeen(parts[index]!, worldFromCamera.position);
    shares[group] += count;
    middle[group] += inner[index]!;
    inFrame.push({
      id,
      name,
      group,
      share: count / image,
      centroidU: u[index]! / count / columns,
      centroidV: v[index]! / count / rows,
      extent: Math.max((right[index]! - left[index]! + 1) / columns, (bottom[index]! - top[index]! + 1) / rows),
      cut: cut[index] === 1,
      nearestM: nearestM[index]!,
    });
  }
  if (image > 0) for (const group of FRAME_GROUPS) shares[group] /= image;
  if (innerImage > 0) for (const group of FRAME_GROUPS) middle[group] /= innerImage;
  inFrame.sort((a, b) => b.share - a.share);
  const nearest = inFrame.reduce<PartInFrame | null>(
    (best, p) => (!best || p.nearestM < best.nearestM ? p : best),
    null,
  );
  return {
    shares,
    middle,
    parts: inFrame,
    horizon: horizonAtCentre(lens, worldFromCamera.rotation, ground),
    nearest: nearest && { name: nearest.name, distanceM: nearest.nearestM },
  };
}

/** A head turned away by more than this shows no face. Estimate 65 to 85 degrees. */
const FACES_DEG = 75;
const FACES = Math.cos((FACES_DEG * Math.PI) / 180);
/** Seen from further below than this it is a chin and nostrils. Estimate 45 to 65 degrees; from the bars it is some 45. */
const CHIN_DEG = 55;
const CHIN = -Math.sin((CHIN_DEG * Math.PI) / 180);

/** What a part counts as from where it is seen: only what faces the lens is a face; the back of a head is the rider, and so is a chin. */
function groupSeen({ group, worldFromPart: { position, rotation } }: PosedPart, lens: Vec3): PartGroup {
  if (group !== 'face') return group;
  const toLens = normalize(subtract(lens, position));
  const faces = toLens[0] * rotation[0] + toLens[1] * rotation[3] + toLens[2] * rotation[6];
  const above = toLens[0] * rotation[1] + toLens[1] * rotation[4] + toLens[2] * rotation[7];
  return faces > FACES && above > CHIN ? 'face' : 'rider';
}

/** Whether a direction from the lens meets the way: see WAY. */
function wayTest(origin: Vec3, ground: Ground): (x: number, y: number, z: number) => boolean {
  const [nx, ny, nz] = ground.normal;
  const [ax, ay, az] = ground.ahead;
  const [ox, oy, oz] = subtract(origin, ground.point);
  const height = ox * nx + oy * ny + oz * nz;
  return (x, y, z) => {
    const down = x * nx + y * ny + z * nz;
    // What goes over the local ground meets the level country far off: its bearing decides.
    const distance = down < -1e-9 ? -height / down : -1;
    const hit = distance > 0;
    const px = hit ? ox + x * distance : x;
    const py = hit ? oy + y * distance : y;
    const pz = hit ? oz + z * distance : z;
    const along = px * ax + py * ay + pz * az;
    return along > (hit ? WAY.fromM : 0) && abs(pz * ax - px * az) <= along * WAY_SLOPE;
  };
}

/** Unit direction of travel along the ground. */
export function travelDirection(ground: Ground): Vec3 {
  return normalize(rejectFrom(ground.ahead, ground.normal));
}
