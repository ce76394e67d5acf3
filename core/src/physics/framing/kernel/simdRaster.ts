import type { Pose } from '../../../mathematics/geometry/pose';
import type { PosedPart } from '../../../words/carrier/posedPart';
import type { Patches } from '../patches';
import type { RayBins } from '../rayBins';
import { coneOfRays, partsInSight, type Hits, type RayCone } from '../rayHits';
import { kernelHere, type Kernel } from './kernelHere';
import { MESHES, padded, RAYS, type Placed } from './memory';

const raysPlaced = new WeakMap<RayBins, Placed>();
const meshesPlaced = new WeakMap<Patches, Placed>();

/** Rays as the kernel takes them: windows, starts, directions apart, and room for hits behind. */
interface RayRoom {
  readonly windows: number;
  readonly starts: number;
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly part: number;
  readonly triangle: number;
  readonly distance: number;
  readonly end: number;
}

function raysAt(at: number, { start, rays }: RayBins): RayRoom {
  const list = 4 * padded(rays.length);
  const starts = at + 6 * 32;
  const x = (starts + 4 * start.length + 15) & ~15;
  const after = (n: number) => x + n * list;
  return {
    windows: at,
    starts,
    x,
    y: after(1),
    z: after(2),
    part: after(3),
    triangle: after(4),
    distance: after(5),
    end: after(6),
  };
}

function placeRays({ memory }: Kernel, bins: RayBins): RayRoom | null {
  const known = raysPlaced.get(bins);
  if (known?.round === RAYS.round) return raysAt(known.at, bins);
  const at = RAYS.take(raysAt(0, bins).end);
  if (at === null) return null;
  raysPlaced.set(bins, { round: RAYS.round, at });
  const room = raysAt(at, bins);
  const { windows, start, rays, directions } = bins;
  const whole = new Int32Array(memory.buffer, room.windows, 6 * 8);
  windows.forEach(({ lowU, highU, lowW, highW, base, width }, face) =>
    whole.set([highU, highW, -lowU, -lowW, base, width, 0, 0], face * 8),
  );
  new Int32Array(memory.buffer, room.starts, start.length).set(start);
  [room.x, room.y, room.z].forEach((list, axis) => {
    const to = new Float32Array(memory.buffer, list, rays.length);
    for (let s = 0; s < rays.length; s++) to[s] = directions[rays[s]! * 3 + axis]!;
  });
  return room;
}

interface Numbers {
  readonly [index: number]: number;
}

/** Where numbers of one kind stand among others: the first of them, and one every so many. */
interface Lane {
  readonly from: number;
  readonly every: number;
}

/** Lays the numbers of a lane side by side, so many from a place on. In a function of its own, as what goes on for long is translated in the middle of it. */
function deal<To extends { [index: number]: number }>(
  list: Numbers,
  { from, every }: Lane,
  to: To,
  { at = 0, count }: { readonly at?: number; readonly count: number },
): To {
  for (let k = 0; k < count; k++) to[at + k] = list[from + every * k]!;
  return to;
}

/** Patches as the kernel takes them. @returns where; null where they never fit */
function placeMesh({ memory }: Kernel, patches: Patches): number | null {
  const known = meshesPlaced.get(patches);
  if (known?.round === MESHES.round) return known.at;
  const { positions, indices, planes, balls, cones, firstCorner, firstTriangle, low, high } = patches;
  const count = firstTriangle.length - 1;
  const triangles = firstTriangle[count]!;
  // Corners of each patch begin on a multiple of four.
  let corners = 0;
  const first = Array.from({ length: count }, (_, patch) => {
    const from = corners;
    corners += padded(firstCorner[patch + 1]! - firstCorner[patch]!);
    return from;
  });
  const head = 80;
  const rounded = padded(triangles);
  const bytes =
    head +
    3 * 4 * corners +
    2 * 4 * padded(count) +
    3 * 2 * (rounded + 8) +
    4 * 4 * rounded +
    2 * 16 * count +
    32 +
    16 * 16;
  const at = MESHES.take(bytes);
  if (at === null) return null;
  meshesPlaced.set(patches, { round: MESHES.round, at });
  const { buffer } = memory;
  let next = at + head;
  const list = <T extends Float32Array | Int32Array | Uint16Array>(
    Kind: new (buffer: ArrayBuffer, from: number, length: number) => T,
    length: number,
  ): T => {
    const made = new Kind(buffer, next, length);
    next = (next + made.byteLength + 15) & ~15;
    return made;
  };
  const [px, py, pz] = [list(Float32Array, corners), list(Float32Array, corners), list(Float32Array, corners)];
  const [starts, counts] = [list(Int32Array, count), list(Int32Array, count)];
  starts.set(first);
  for (let patch = 0; patch < count; patch++) {
    const from = firstCorner[patch]!;
    const corners = firstCorner[patch + 1]! - from;
    counts[patch] = corners;
    [px, py, pz].forEach((to, axis) =>
      deal(positions, { from: 3 * from + axis, every: 3 }, to, { at: first[patch]!, count: corners }),
    );
  }
  const three = [0, 1, 2].map((corner) =>
    deal(indices, { from: corner, every: 3 }, list(Uint16Array, triangles), { count: triangles }),
  );
  const plane = [0, 1, 2, 3].map((k) =>
    deal(planes, { from: k, every: 4 }, list(Float32Array, rounded), { count: triangles }),
  );
  const [round, cone] = [list(Float32Array, count * 4), list(Float32Array, count * 4)];
  round.set(balls);
  cone.set(cones);
  const box = list(Float32Array, 6);
  box.set([...low, ...high]);
  new Int32Array(buffer, at, 17).set([
    count,
    triangles,
    ...[px, py, pz, starts, counts, ...three, ...plane, round, cone, box].map((l) => l.byteOffset),
  ]);
  return at;
}

/**
 * Holds all parts against the rays, where there is a kernel with room for so many.
 * @param cone of the rays that count: what lies outside it may be left out @returns where the hits lie; null: nothing was done
 */
export function heldBySimd(
  here: Kernel,
  parts: readonly PosedPart[],
  worldFromLens: Pose,
  bins: RayBins,
  cone: RayCone = coneOfRays(bins),
): Pick<RayRoom, 'part' | 'triangle' | 'distance'> | null {
  if (bins.rays.length === 0) return null;
  const room = placeRays(here, bins);
  if (!room) return null;
  const { rays, size, centred } = bins;
  here.rays(
    size,
    centred ? 1 : 0,
    cone.leastCos,
    ...cone.axis,
    room.windows,
    room.starts,
    room.x,
    room.y,
    room.z,
    room.part,
    room.triangle,
    room.distance,
  );
  here.clear(rays.length);
  let fits = true;
  partsInSight(parts, worldFromLens, cone, (index, patches, { rotation, position: [tx, ty, tz] }) => {
    const at = placeMesh(here, patches);
    fits = at !== null;
    if (at === null) return false;
    const [r0, r1, r2, r3, r4, r5, r6, r7, r8] = rotation;
    here.hold(at, index, r0, r1, r2, r3, r4, r5, r6, r7, r8, tx, ty, tz);
    return true;
  });
  return fits ? room : null;
}

/** First hits by the kernel. @returns false where it is not there or has no room for so many rays: nothing was done then */
export function rasteriseBySimd(
  parts: readonly PosedPart[],
  worldFromLens: Pose,
  bins: RayBins,
  { part, distanceM, triangle }: Hits,
): boolean {
  const here = kernelHere();
  const room = here && heldBySimd(here, parts, worldFromLens, bins);
  if (!here || !room) return false;
  const { rays } = bins;
  const hit = new Int32Array(here.memory.buffer, room.part, rays.length);
  const triangles = new Int32Array(here.memory.buffer, room.triangle, rays.length);
  const far = new Float32Array(here.memory.buffer, room.distance, rays.length);
  for (let s = 0; s < rays.length; s++) {
    const found = hit[s]!;
    if (found < 0) continue;
    const ray = rays[s]!;
    if (far[s]! >= distanceM[ray]!) continue;
    part[ray] = found;
    distanceM[ray] = far[s]!;
    triangle[ray] = triangles[s]!;
  }
  return true;
}
