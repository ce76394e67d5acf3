import { bvhOf } from '../../../mathematics/geometry/bvh';
import type { Mesh } from '../../../mathematics/geometry/mesh';
import { smoothNormalsOf } from '../../../mathematics/geometry/surfacePoint';
import { kernelHere, type Kernel } from '../../../physics/framing/kernel/kernelHere';
import { MOST_PAINTED, PAINTED, PAINTED_PARTS, SURFACES, type Placed } from '../../../physics/framing/kernel/memory';
import { ballOfPart } from '../../../physics/light/partRays';
import { SKY_SQUARE_PX } from './skyOver';
import {
  glossOf,
  INK,
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

/** Rows at a time: a multiple of the sky's squares and of the pixels that ask the sun. */
const ROWS = 2 * SKY_SQUARE_PX;

/** Bytes of the lists of a pixel, in the order in which they lie: each begins on a multiple of what its numbers take. */
const LISTS = { directions: 24, distances: 8, normals: 12, rgba: 4, triangles: 4, lit: 4, parts: 2, sky: 1, shadow: 1 };
const [ROOM, SQUARES] = rooms();

function rooms() {
  let next = PAINTED;
  const room = {} as Record<keyof typeof LISTS, number>;
  for (const list of Object.keys(LISTS) as (keyof typeof LISTS)[]) {
    room[list] = next;
    next += LISTS[list] * MOST_PAINTED;
  }
  return [room, next] as const;
}

/** Numbers of a part, a mark and a fold: see core/kernel/assembly/painting/parts.ts. */
const [PART, MARK, FOLD] = [40, 9, 3];

/** Counts whose turn it was: what others painted in between has to be brought anew. */
let turn = 0;

/** Paints by day, where there is a kernel with room for it; null = nothing was done. */
export function paintByKernel(painting: Painting): Generator<void, Painted> | null {
  const here = kernelHere();
  if (!here || painting.night || (ROWS + 1) * painting.widthPx > MOST_PAINTED) return null;
  return place(here, painting) ? painted(here, painting, turn) : null;
}

/** @param placed the turn at which it was brought */
function* painted(here: Kernel, painting: Painting, placed: number): Generator<void, Painted> {
  const { cast, widthPx, heightPx } = painting;
  const cells = widthPx * heightPx;
  const rgba = new Uint8ClampedArray(cells * 4);
  const normals = new Float32Array(cells * 3);
  const sky = new Uint8Array(cells);
  const shadow = painting.outlined && painting.shadowSun ? new Uint8Array(cells).fill(NO_GROUND) : null;
  const { buffer } = here.memory;
  let mine = placed;
  for (let row = 0; row < heightPx; row += ROWS) {
    yield;
    if (mine !== turn) {
      if (!place(here, painting)) throw new Error('the kernel has no room any more for a picture that it had room for');
      mine = turn;
    }
    const rows = Math.min(ROWS, heightPx - row);
    const known = Math.min(rows + 1, heightPx - row);
    const [from, to] = [row * widthPx, (row + rows) * widthPx];
    const count = to - from;
    const rays = cast.directions.subarray(from * 3, (row + known) * widthPx * 3);
    new Float64Array(buffer, ROOM.directions, rays.length).set(rays);
    new Int16Array(buffer, ROOM.parts, count).set(cast.part.subarray(from, to));
    new Float64Array(buffer, ROOM.distances, count).set(cast.distanceM.subarray(from, to));
    new Int32Array(buffer, ROOM.triangles, count).set(cast.triangle.subarray(from, to));
    here.paint(
      rows,
      known,
      ROOM.directions,
      ROOM.parts,
      ROOM.distances,
      ROOM.triangles,
      ROOM.lit,
      SQUARES,
      PAINTED_PARTS.at,
      ROOM.rgba,
      ROOM.normals,
      ROOM.sky,
      ROOM.shadow,
    );
    rgba.set(new Uint8Array(buffer, ROOM.rgba, count * 4), from * 4);
    normals.set(new Float32Array(buffer, ROOM.normals, count * 3), from * 3);
    sky.set(new Uint8Array(buffer, ROOM.sky, count), from);
    shadow?.set(new Uint8Array(buffer, ROOM.shadow, count), from);
  }
  return { rgba, normals, sky, shadow };
}

/** Brings all that a picture is painted with into the kernel's memory. @returns whether it fits */
function place(here: Kernel, painting: Painting): boolean {
  turn++;
  const { round } = SURFACES;
  // What is brought last may throw out what lay there first: then once more, into an empty stretch.
  let fits = placeParts(here, painting);
  if (fits && SURFACES.round !== round) {
    const again = SURFACES.round;
    fits = placeParts(here, painting) && SURFACES.round === again;
  }
  if (fits) ask(here, painting);
  return fits;
}

function ask(here: Kernel, painting: Painting): void {
  const { origin, ground, world, skySun, lamp, shadowSun } = painting;
  const [aheadX, , aheadZ] = ground.ahead;
  const flat = Math.hypot(aheadX, aheadZ) || 1;
  const asked = [
    ...origin,
    ...ground.normal,
    ...ground.point,
    aheadX / flat,
    aheadZ / flat,
    landNumber(ground),
    world.nearM,
    world.hazeM,
    world.hills,
    skySun ? 1 : 0,
    ...(skySun ?? [0, 0, 0]),
    ...lamp,
    painting.dim,
    shadowSun ? 1 : 0,
    ...(shadowSun ?? [0, 0, 0]),
    painting.outlined && shadowSun ? 1 : 0,
    painting.widthPx,
    painting.scene.length,
    shadowStride(painting.widthPx),
    painting.land ? 1 : 0,
    SHADE,
    SHADOWS_TO_M,
    SKIN_M,
    ...INK,
  ];
  new Float64Array(here.memory.buffer, here.painted(), asked.length).set(asked);
}

function placeParts(here: Kernel, { scene, solids, sceneryColours, shadowSun }: Painting): boolean {
  const behindThem = scene.reduce(
    (sum, { marks = [], folds = [] }) => sum + marks.length * MARK + folds.length * FOLD,
    0,
  );
  const numbers = scene.length * PART + behindThem;
  if (PAINTED_PARTS.at + 8 * numbers > PAINTED_PARTS.end) return false;
  const to = new Float64Array(here.memory.buffer, PAINTED_PARTS.at, numbers);
  let next = scene.length * PART;
  /** Puts numbers behind all others. @returns where they lie */
  const behind = (list: readonly number[]): number => {
    to.set(list, next);
    next += list.length;
    return PAINTED_PARTS.at + 8 * (next - list.length);
  };
  for (const [index, part] of scene.entries()) {
    const surface = placeSurface(here, part.mesh);
    const tree = surface === null || !shadowSun ? null : placeTree(here, part.mesh);
    if (surface === null || (shadowSun && tree === null)) return false;
    const ball = tree === null ? null : ballOfPart(part);
    const { worldFromPart, group, tone, lining } = part;
    const markAt = behind(
      (part.marks ?? []).flatMap(({ at, half, tone: other }) => [...at, ...half, ...TONE_COLOURS[other]]),
    );
    const foldAt = behind((part.folds ?? []).flatMap(({ y, reachM, depth }) => [y, reachM, depth]));
    const isScenery = index >= solids;
    to.set(
      [
        ...worldFromPart.rotation,
        ...worldFromPart.position,
        ...(isScenery ? sceneryColours[index - solids]! : TONE_COLOURS[tone]),
        glossOf(part),
        isScenery ? 1 : 0,
        !isScenery && group !== 'subject' ? 1 : 0,
        ...(ball ? [...ball.centre, ball.radius2] : [0, 0, 0, 0]),
        ...surfaceLists(surface, part.mesh),
        ...(tree === null ? [0, 0, 0, 0] : treeLists(tree, part.mesh)),
        part.marks?.length ?? 0,
        markAt,
        part.folds?.length ?? 0,
        foldAt,
        lining ? 1 : 0,
        lining?.y ?? 0,
        0,
        ...(lining ? TONE_COLOURS[lining.tone] : [0, 0, 0]),
        0,
      ],
      index * PART,
    );
  }
  return true;
}

const surfaces = new WeakMap<Mesh, Placed>();
const trees = new WeakMap<Mesh, Placed>();

const surfaceLists = (at: number, { positions, indices }: Mesh): readonly [number, number, number] => [
  at,
  at + positions.byteLength,
  at + positions.byteLength + indices.byteLength,
];

/** Positions, corners and smoothed normals of a mesh. @returns where; null where they never fit */
function placeSurface({ memory: { buffer } }: Kernel, mesh: Mesh): number | null {
  const known = surfaces.get(mesh);
  if (known?.round === SURFACES.round) return known.at;
  const normals = smoothNormalsOf(mesh);
  const at = SURFACES.take(mesh.positions.byteLength + mesh.indices.byteLength + normals.byteLength);
  if (at === null) return null;
  const [positionsAt, indicesAt, normalsAt] = surfaceLists(at, mesh);
  new Float32Array(buffer, positionsAt, mesh.positions.length).set(mesh.positions);
  new Uint32Array(buffer, indicesAt, mesh.indices.length).set(mesh.indices);
  new Float32Array(buffer, normalsAt, normals.length).set(normals);
  surfaces.set(mesh, { round: SURFACES.round, at });
  return at;
}

function treeLists(at: number, mesh: Mesh): readonly [number, number, number, number] {
  const { boxes, first, count } = bvhOf(mesh);
  const firstAt = at + boxes.byteLength;
  const countAt = firstAt + first.byteLength;
  return [at, firstAt, countAt, countAt + count.byteLength];
}

/** A mesh's tree of boxes. @returns where; null where it never fits */
function placeTree({ memory: { buffer } }: Kernel, mesh: Mesh): number | null {
  const known = trees.get(mesh);
  if (known?.round === SURFACES.round) return known.at;
  const { boxes, first, count, order } = bvhOf(mesh);
  const at = SURFACES.take(boxes.byteLength + first.byteLength + count.byteLength + order.byteLength);
  if (at === null) return null;
  const [boxesAt, firstAt, countAt, orderAt] = treeLists(at, mesh);
  new Float64Array(buffer, boxesAt, boxes.length).set(boxes);
  new Int32Array(buffer, firstAt, first.length).set(first);
  new Int32Array(buffer, countAt, count.length).set(count);
  new Uint32Array(buffer, orderAt, order.length).set(order);
  trees.set(mesh, { round: SURFACES.round, at });
  return at;
}
