import { meshPoint, type Mesh } from '../../mathematics/geometry/mesh';
import { invert, transformPoint } from '../../mathematics/geometry/pose';
import { AHEAD, dot, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../../posing/rig/poseRig';

/** An outermost point of the craft, and others of what lies as far out nearly: what is seen of any of them is that end. */
interface CraftEnd {
  readonly point: Vec3;
  readonly about: readonly Vec3[];
}

const ends = new WeakMap<PosedRig, readonly CraftEnd[]>();

/** So much of nose to tail belongs to an end. Estimate 0.05 to 0.12. */
const END_SHARE = 0.08;
/** Ahead, back, right, left, up; machine frame. */
const OUTWARD: readonly Vec3[] = [
  [1, 0, 0],
  [-1, 0, 0],
  [0, 0, 1],
  [0, 0, -1],
  [0, 1, 0],
];

/** The ends of machine and people on board: nose, tail, right, left and top, world frame; masts and sails left out. */
export function endsOf(rig: PosedRig): readonly CraftEnd[] {
  const known = ends.get(rig);
  if (known) return known;
  const { world, machine, count } = pointsOf(rig);
  const along = (i: number, [x, y, z]: Vec3): number =>
    machine[3 * i]! * x + machine[3 * i + 1]! * y + machine[3 * i + 2]! * z;
  /** The farthest one way, of those that lie far enough another. */
  const farthest = (way: Vec3, within: { readonly way: Vec3; readonly reach: number } | null): number => {
    let [best, most] = [0, -Infinity];
    for (let i = 0; i < count; i++) {
      const out = along(i, way);
      if (out > most && (!within || along(i, within.way) >= within.reach)) [best, most] = [i, out];
    }
    return best;
  };
  const pointAt = (i: number): Vec3 => [world[3 * i]!, world[3 * i + 1]!, world[3 * i + 2]!];
  const ended = OUTWARD.map((way) => farthest(way, null));
  const lengthM = along(ended[0]!, AHEAD) - along(ended[1]!, AHEAD);
  const made = OUTWARD.map((way, i) => {
    const slice = { way, reach: along(ended[i]!, way) - END_SHARE * lengthM };
    const across = OUTWARD.filter((other) => dot(other, way) === 0);
    const point = pointAt(ended[i]!);
    return { point, about: [point, ...across.map((other) => pointAt(farthest(other, slice)))] };
  });
  ends.set(rig, made);
  return made;
}

/** Outermost corners of all that belongs to the craft, three numbers each, in both frames. */
function pointsOf(rig: PosedRig): {
  readonly world: Float64Array;
  readonly machine: Float64Array;
  readonly count: number;
} {
  const machineFromWorld = invert(rig.worldFromMachine);
  const parts = rig.parts
    .filter(({ group, aloft }) => group !== 'subject' && group !== 'own' && !aloft)
    .map((part) => ({ ...part, corners: outermostCorners(part.mesh) }));
  const count = parts.reduce((sum, { corners }) => sum + corners.length, 0);
  const [world, machine] = [new Float64Array(3 * count), new Float64Array(3 * count)];
  let at = 0;
  for (const { mesh, worldFromPart, corners } of parts) {
    for (const corner of corners) {
      const point = transformPoint(worldFromPart, meshPoint(mesh, corner));
      world.set(point, at);
      machine.set(transformPoint(machineFromWorld, point), at);
      at += 3;
    }
  }
  return { world, machine, count };
}

const SIGNS = [-1, 0, 1] as const;
/** Along edges, faces and diagonals of a cube. */
const ALL_WAYS: readonly Vec3[] = SIGNS.flatMap((x) => SIGNS.flatMap((y) => SIGNS.map((z): Vec3 => [x, y, z]))).filter(
  ([x, y, z]) => x !== 0 || y !== 0 || z !== 0,
);
const outermost = new WeakMap<Mesh, readonly number[]>();

/** Corners of a mesh that lie farthest out in one of 26 ways: what may be an end of what it belongs to, however it is turned. */
function outermostCorners(mesh: Mesh): readonly number[] {
  const known = outermost.get(mesh);
  if (known) return known;
  const { positions } = mesh;
  const best = ALL_WAYS.map(([x, y, z]) => {
    let [farthest, most] = [0, -Infinity];
    for (let i = 0; i < positions.length; i += 3) {
      const out = positions[i]! * x + positions[i + 1]! * y + positions[i + 2]! * z;
      if (out > most) [farthest, most] = [i / 3, out];
    }
    return farthest;
  });
  const made = [...new Set(best)];
  outermost.set(mesh, made);
  return made;
}
