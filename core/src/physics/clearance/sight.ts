import { castRay } from '../../mathematics/geometry/bvh';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { inverseOf, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationAbout } from '../../mathematics/geometry/rotation';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';
import { toDeg, toRad } from '../../mathematics/units/angle';
import { FOOT_M } from '../../posing/building/cameraMesh';

/** What camera and strut hide from the eyes. */
export interface SightReport {
  /** Share of the solid angle within the whole field, and within the middle of it. */
  readonly share: number;
  readonly middleShare: number;
  /** Where the middle of it lies, degrees right and up of straight ahead; null where nothing is hidden. */
  readonly at: { readonly rightDeg: number; readonly upDeg: number } | null;
  /** From the eyes along the edge of what is hidden, unit directions in the world; empty where nothing is. */
  readonly edge: readonly Vec3[];
  readonly eyes: Vec3;
  /** Row by row from the top, 1 = hidden: for a small picture. */
  readonly rows: readonly (readonly number[])[];
}

/** Field that a rider or driver uses: 60° to each side, 35° up, 45° down. Common practice. */
export const FIELD_DEG = { side: 60, up: 35, down: 45, middle: 20 } as const;

/**
 * Casts from the eyes, looking level ahead, against the given parts alone; each ray counts by its solid angle cos(up).
 * @param behind what hides the view anyway: a ray that meets it first is not lost to the camera @param stepDeg between rays
 */
export function hiddenSight(
  eyes: Pose,
  parts: readonly PosedPart[],
  behind: readonly PosedPart[] = [],
  stepDeg = 2,
): SightReport {
  const { side, up, down, middle } = FIELD_DEG;
  const near = parts.map((part) => seenFrom(eyes.position, part));
  const anyway = behind.map((part) => seenFrom(eyes.position, part));
  let [hidden, whole, hiddenMiddle, wholeMiddle, right, above] = [0, 0, 0, 0, 0, 0];
  const rows: number[][] = [];
  const hits: { rightDeg: number; upDeg: number }[] = [];
  for (let upDeg = up; upDeg >= -down; upDeg -= stepDeg) {
    const row: number[] = [];
    for (let rightDeg = -side; rightDeg <= side; rightDeg += stepDeg) {
      const direction = rotate(eyes.rotation, directionOf(rightDeg, upDeg));
      const at = firstHit(near, direction);
      const blocked = at < Infinity && firstHit(anyway, direction) > at;
      const weight = Math.cos(toRad(upDeg));
      whole += weight;
      const inMiddle = Math.abs(rightDeg) <= middle && Math.abs(upDeg) <= middle;
      if (inMiddle) wholeMiddle += weight;
      if (blocked) {
        hits.push({ rightDeg, upDeg });
        hidden += weight;
        right += weight * rightDeg;
        above += weight * upDeg;
        if (inMiddle) hiddenMiddle += weight;
      }
      row.push(blocked ? 1 : 0);
    }
    rows.push(row);
  }
  return {
    share: hidden / whole,
    middleShare: hiddenMiddle / wholeMiddle,
    at: hidden > 0 ? { rightDeg: right / hidden, upDeg: above / hidden } : null,
    rows,
    eyes: eyes.position,
    edge: edgeOf(hits).map(({ rightDeg, upDeg }) => rotate(eyes.rotation, directionOf(rightDeg, upDeg))),
  };
}

/** Degrees between the rays of the quick estimate. */
const QUICK_STEP_DEG = 4;

/**
 * A quick estimate of the same for a camera alone, by the box that it fits into: share of the middle of the field, 0 to 1. A body is rounder than its
 * box: of a cube camera before the mouth up to 0.12 too much.
 * @param bodyM depth, height and width, metres
 */
export function hiddenByBox(eyes: Pose, worldFromBody: Pose, [depth, height, width]: Vec3): number {
  const eyesFromWorld = inverseOf(eyes);
  const middle = transformPoint(worldFromBody, [0, FOOT_M + height / 2, 0]);
  const [ahead, up, right] = transformPoint(eyesFromWorld, middle);
  const radius = Math.hypot(depth, height, width) / 2;
  const away = Math.hypot(ahead, up, right);
  // Most cameras stand far from where one looks.
  const reachDeg = away > radius ? toDeg(Math.asin(radius / away)) : 180;
  if (toDeg(Math.acos(ahead / Math.max(away, 1e-9))) - reachDeg > Math.SQRT2 * FIELD_DEG.middle) return 0;
  const bodyFromWorld = inverseOf(worldFromBody);
  const from = transformPoint(bodyFromWorld, eyes.position);
  const low: Vec3 = [-depth / 2, FOOT_M, -width / 2];
  const high: Vec3 = [depth / 2, FOOT_M + height, width / 2];
  let [hidden, whole] = [0, 0];
  for (let upDeg = FIELD_DEG.middle; upDeg >= -FIELD_DEG.middle; upDeg -= QUICK_STEP_DEG) {
    const weight = Math.cos(toRad(upDeg));
    for (let rightDeg = -FIELD_DEG.middle; rightDeg <= FIELD_DEG.middle; rightDeg += QUICK_STEP_DEG) {
      whole += weight;
      const direction = transformDirection(bodyFromWorld, rotate(eyes.rotation, directionOf(rightDeg, upDeg)));
      if (meetsBox(from, direction, low, high)) hidden += weight;
    }
  }
  return hidden / whole;
}

/** Whether a ray meets a box, by its slabs (Kay & Kajiya 1986). */
function meetsBox(from: Vec3, direction: Vec3, low: Vec3, high: Vec3): boolean {
  let [enters, leaves] = [0, Infinity];
  for (const axis of [0, 1, 2] as const) {
    const one = (low[axis] - from[axis]) / direction[axis];
    const other = (high[axis] - from[axis]) / direction[axis];
    enters = Math.max(enters, Math.min(one, other));
    leaves = Math.min(leaves, Math.max(one, other));
  }
  return enters <= leaves;
}

/** A part with where the eyes are in its own frame. */
interface SeenPart {
  readonly mesh: Mesh;
  readonly partFromWorld: Pose;
  readonly origin: Vec3;
}

function seenFrom(point: Vec3, { mesh, worldFromPart }: PosedPart): SeenPart {
  const partFromWorld = inverseOf(worldFromPart);
  return { mesh, partFromWorld, origin: transformPoint(partFromWorld, point) };
}

/** How far away the first of some parts is met, metres; Infinity where none is. */
function firstHit(parts: readonly SeenPart[], direction: Vec3): number {
  let best = Infinity;
  for (const { mesh, partFromWorld, origin } of parts) {
    const hit = castRay(mesh, origin, transformDirection(partFromWorld, direction), best);
    if (hit) best = hit.distanceM;
  }
  return best;
}

/** Outermost of some directions to every side. */
function edgeOf(hits: readonly { rightDeg: number; upDeg: number }[]) {
  if (hits.length === 0) return [];
  return [0, 45, 90, 135, 180, 225, 270, 315].map((deg) => {
    const [c, s] = [Math.cos(toRad(deg)), Math.sin(toRad(deg))];
    const reach = (h: { rightDeg: number; upDeg: number }) => h.rightDeg * c + h.upDeg * s;
    return hits.reduce((a, b) => (reach(b) > reach(a) ? b : a));
  });
}

/** Camera-like frame: +x ahead, +y up, +z right. */
const directionOf = (rightDeg: number, upDeg: number): Vec3 => {
  const [a, e] = [toRad(rightDeg), toRad(upDeg)];
  return [Math.cos(e) * Math.cos(a), Math.sin(e), Math.cos(e) * Math.sin(a)];
};

/** Eyes where they are, looking level the way that the carrier goes. */
export function levelEyes(eyes: Pose, worldFromMachine: Pose): Pose {
  const [x, , z] = rotate(worldFromMachine.rotation, [1, 0, 0]);
  return { position: eyes.position, rotation: rotationAbout([0, 1, 0], -toDeg(Math.atan2(z, x))) };
}
