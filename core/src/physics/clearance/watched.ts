import { castRay } from '../../mathematics/geometry/bvh';
import { meshPoint } from '../../mathematics/geometry/mesh';
import { inverseOf, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import { add, cross, dot, length, normalize, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';

/** What camera and strut hide of one mirror, or of the instruments. */
export interface WatchedReport {
  readonly name: string;
  /** Of what the eyes see of it without camera and strut, by solid angle. */
  readonly hiddenShare: number;
}

/** Points across the smaller side of what is watched: shares to about a hundredth. */
const ACROSS = 14;

interface Sight {
  readonly name: string;
  /** Unit directions from the eyes that meet it first, how far it is along each, and the solid angle that each stands for. */
  readonly seen: readonly Seen[];
}

interface Seen extends Toward {
  readonly distanceM: number;
}

interface Toward {
  readonly direction: Vec3;
  /** In any unit: shares only. */
  readonly weight: number;
}

/** Everything that the eyes can see of mirrors and instruments, with a turn of the head; what hides it anyway is left out. */
export function watchedSights(eyes: Vec3, parts: readonly PosedPart[]): readonly Sight[] {
  const solid = parts.filter((p) => !p.seeThrough && !p.watched).map((part) => fromEyes(eyes, part));
  return parts
    .filter((p) => p.watched)
    .map((part) => {
      const own = fromEyes(eyes, part);
      const seen = directionsOver(eyes, part).flatMap((toward): Seen[] => {
        const { direction } = toward;
        const distanceM = own(direction, Infinity);
        const open = distanceM < Infinity && solid.every((other) => other(direction, distanceM) === Infinity);
        return open ? [{ ...toward, distanceM }] : [];
      });
      return { name: part.name, seen };
    })
    .filter(({ seen }) => seen.length > 0);
}

/** Share of each that camera and strut hide. */
export function watchedHidden(eyes: Vec3, sights: readonly Sight[], own: readonly PosedPart[]): WatchedReport[] {
  const casts = own.map((part) => fromEyes(eyes, part));
  return sights.map(({ name, seen }) => ({
    name,
    hiddenShare:
      weightOf(seen.filter(({ direction, distanceM }) => casts.some((cast) => cast(direction, distanceM) < Infinity))) /
      weightOf(seen),
  }));
}

const weightOf = (all: readonly Toward[]): number => all.reduce((sum, { weight }) => sum + weight, 0);

/** Distance to a part along a direction from the eyes; infinite where it is missed or farther than the limit. */
function fromEyes(eyes: Vec3, { mesh, worldFromPart }: PosedPart): (direction: Vec3, limitM: number) => number {
  const partFromWorld = inverseOf(worldFromPart);
  const origin = transformPoint(partFromWorld, eyes);
  return (direction, limitM) =>
    castRay(mesh, origin, transformDirection(partFromWorld, direction), limitM)?.distanceM ?? Infinity;
}

/** Even directions over the rectangle, seen from the eyes, that a part lies in. */
function directionsOver(eyes: Vec3, { mesh, worldFromPart }: PosedPart): Toward[] {
  const corners: Vec3[] = [];
  for (let i = 0; i < mesh.positions.length / 3; i++) {
    corners.push(normalize(subtract(transformPoint(worldFromPart, meshPoint(mesh, i)), eyes)));
  }
  const ahead = normalize(corners.reduce((sum, c) => add(sum, c), [0, 0, 0] as Vec3));
  const right: Vec3 = normalize([-ahead[2], 0, ahead[0]]);
  const up = cross(right, ahead);
  // On the plane one metre ahead: what is watched spans far less than a right angle.
  const flat = corners.map((c) => [dot(c, right) / dot(c, ahead), dot(c, up) / dot(c, ahead)] as const);
  const [left, far] = [Math.min(...flat.map((p) => p[0])), Math.max(...flat.map((p) => p[0]))];
  const [low, high] = [Math.min(...flat.map((p) => p[1])), Math.max(...flat.map((p) => p[1]))];
  const step = Math.min(far - left, high - low) / ACROSS;
  const directions: Toward[] = [];
  for (let x = left + step / 2; x < far; x += step) {
    for (let y = low + step / 2; y < high; y += step) {
      const way = add(ahead, add(scale(right, x), scale(up, y)));
      // A patch of the plane is turned away by its angle and farther by its inverse cosine: cos³ in all.
      directions.push({ direction: normalize(way), weight: 1 / length(way) ** 3 });
    }
  }
  return directions;
}
