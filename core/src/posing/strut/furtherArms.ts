import { compose, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromAxes } from '../../mathematics/geometry/rotation';
import { cross, distance, perpendicularTo, scale, type Vec3 } from '../../mathematics/geometry/vec3';
import type { CameraDefinition } from '../../words/kit/camera';
import type { LinkDefinition } from '../../words/kit/link';
import { FOOT_M } from '../building/cameraMesh';
import type { Surface } from '../../words/carrier/surface';
import type { ResolvedArm } from './resolvedSetUp';
import type { StrutPose } from './kinematics';

/** Kinds of link that a further arm can be. */
export const ARM_KINDS: readonly LinkDefinition['kind'][] = ['arm', 'pole'];
/** Two beside the first. */
export const MOST_FURTHER_ARMS = 2;

/** A further arm as it stands in a stance, world frame. */
export interface StandingArm {
  readonly arm: ResolvedArm;
  readonly surface: Surface;
  readonly worldFromBase: Pose;
  /** The joint on its base, and the point of the cage that it is screwed to. */
  readonly from: Vec3;
  readonly to: Vec3;
  readonly lengthM: number;
}

/** Points of a cage beside the one under it: on its top, and at its sides. Body frame. */
function cagePoints({ bodyM: [, height, width] }: CameraDefinition): readonly Vec3[] {
  const middle = FOOT_M + height / 2;
  return [
    [0, FOOT_M + height, 0],
    [0, middle, width / 2],
    [0, middle, -width / 2],
  ];
}

/** The further arms in one stance: each goes to the nearest point of the cage that no other has. Those that stand on nothing are left out. */
export function standingArms(
  { furtherArms, camera }: { readonly furtherArms: readonly ResolvedArm[]; readonly camera: CameraDefinition },
  { worldFromSpot, worldFromBody }: Pick<StrutPose, 'worldFromSpot' | 'worldFromBody'>,
): readonly StandingArm[] {
  if (furtherArms.length === 0) return [];
  const free = cagePoints(camera).map((point) => transformPoint(worldFromBody, point));
  return furtherArms.flatMap((arm): StandingArm[] => {
    if ('lost' in arm.stands || free.length === 0) return [];
    const worldFromBase = compose(worldFromSpot, arm.stands.spotFromBase);
    const from = transformPoint(worldFromBase, [0, arm.base.heightM.value, 0]);
    const nearest = free.reduce((best, p, i) => (distance(p, from) < distance(free[best]!, from) ? i : best), 0);
    const [to] = free.splice(nearest, 1);
    return [{ arm, surface: arm.stands.surface, worldFromBase, from, to: to!, lengthM: distance(from, to!) }];
  });
}

export const armName = (index: number): string => (index === 0 ? 'second arm' : 'third arm');

/** How long a further arm's straight piece is, from its base's joint to the cage, as a rod from the origin upward. */
export function rodPose({ from, to }: StandingArm): Pose {
  const up = scale([to[0] - from[0], to[1] - from[1], to[2] - from[2]], 1 / Math.max(distance(from, to), 1e-6));
  const ahead = perpendicularTo(up, Math.abs(up[0]) < 0.9 ? [1, 0, 0] : [0, 0, 1]);
  return poseAt(from, rotationFromAxes(ahead, up, cross(ahead, up)));
}
