import type { StitchFigures } from '../../words/kit/camera';
import { inverseRotation, rotate } from '../../mathematics/geometry/rotation';
import type { Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { toDeg } from '../../mathematics/units/angle';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { CastFrame } from './castFrame';

/**
 * Half width of the zone round the plane between two lenses back to back in which a thing at this distance is blurred or
 * missing: the blending of far things plus the parallax of two pupils a distance d apart, asin(d / 2R). Degrees.
 * @param distanceM from the middle of the camera; at or within half the pupils' distance everything is in the zone
 */
export function stitchHalfWidthDeg({ pupilsM, blendDeg }: StitchFigures, distanceM: number): number {
  const ratio = pupilsM.value / 2 / distanceM;
  return ratio >= 1 ? 90 : blendDeg.value + toDeg(Math.asin(ratio));
}

/** Whether a direction (camera frame, +x the front lens) at a distance lies in the zone. */
export const inStitchZone = (figures: StitchFigures, direction: Vec3, distanceM: number): boolean =>
  Math.abs(toDeg(Math.asin(Math.max(-1, Math.min(1, direction[0] / Math.hypot(...direction)))))) <
  stitchHalfWidthDeg(figures, distanceM);

export interface StitchedPart {
  readonly id: string;
  readonly name: string;
  readonly group: PosedPart['group'];
  /** How much of what is seen of it lies in the zone, 0 to 1. */
  readonly within: number;
}

/** For each part seen, how much of it the zone takes; those it takes nothing of are left out. Most first. */
export function stitchedParts(
  cast: CastFrame,
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  figures: StitchFigures,
): readonly StitchedPart[] {
  const cameraFromWorld = inverseRotation(worldFromCamera.rotation);
  const seen = new Map<number, { all: number; within: number }>();
  for (let i = 0; i < cast.part.length; i++) {
    const part = cast.part[i]!;
    if (part < 0) continue;
    const world: Vec3 = [cast.directions[i * 3]!, cast.directions[i * 3 + 1]!, cast.directions[i * 3 + 2]!];
    const entry = seen.get(part) ?? { all: 0, within: 0 };
    entry.all++;
    if (inStitchZone(figures, rotate(cameraFromWorld, world), cast.distanceM[i]!)) entry.within++;
    seen.set(part, entry);
  }
  return [...seen]
    .filter(([, { within }]) => within > 0)
    .map(([index, { all, within }]): StitchedPart => {
      const { id, name, group } = parts[index]!;
      return { id, name, group, within: within / all };
    })
    .sort((a, b) => b.within - a.within || a.id.localeCompare(b.id));
}
