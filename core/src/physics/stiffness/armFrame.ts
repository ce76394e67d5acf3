import { transformPoint } from '../../mathematics/geometry/pose';
import { rotate } from '../../mathematics/geometry/rotation';
import { addScaled, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { inverse, product, sumOf, type Matrix } from '../../mathematics/numbers/matrix';
import { FOOT_M } from '../../posing/building/cameraMesh';
import { standingArms } from '../../posing/strut/furtherArms';
import { chainJoints, type StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { Surface } from '../../words/carrier/surface';
import type { BaseDefinition } from '../../words/kit/base';
import type { LinkDefinition } from '../../words/kit/link';
import type { RangeEnd } from '../../words/sourced/ends';
import { baseStiffness, footRadiusM } from './baseStiffness';
import { bar, movedTo, spring, type Flexibility } from './flexibility';
import { SURFACE_STIFFNESS } from './surfaceStiffness';

/** Several arms to one camera. World frame; all matrices at the camera's middle, laid out as a Flexibility. */
export interface ArmFrame {
  readonly at: Vec3;
  /** What the first arm gives by itself. */
  readonly alone: Flexibility;
  /** What all of them give together. */
  readonly together: Flexibility;
  /** What each arm takes of a force and moment on the camera; the first arm first. They add up to one. */
  readonly shares: readonly Matrix[];
}

/** Where a camera's weight acts: the middle of its body. */
export function cameraMiddle({ camera }: Pick<ResolvedSetUp, 'camera'>, { worldFromBody }: StrutPose): Vec3 {
  return addScaled(worldFromBody.position, rotate(worldFromBody.rotation, UP), FOOT_M + camera.bodyM[1] / 2);
}

/**
 * The frame that several arms make, by the stiffness method: it is statically indeterminate, so that what each carries follows from how stiff
 * it is. Each arm is a row of base, joints and straight bars from a part that does not give to the camera, which is rigid: K = Σ Fᵢ⁻¹, and arm i
 * takes Kᵢ·K⁻¹ of a load (Przemieniecki 1968; from memory). Null where there is one arm only, or none of the others stands on anything.
 *
 * Left out: the part under the bases is rigid between them; a finger joint is as stiff sideways as about its pin; masses of the further bars
 * count at their bases.
 */
export function armFrame(resolved: ResolvedSetUp, pose: StrutPose, stiffness: RangeEnd): ArmFrame | null {
  const standing = standingArms(resolved, pose);
  if (standing.length === 0) return null;
  const at = cameraMiddle(resolved, pose);
  const { base, links, head, setUp } = resolved;
  const joint = spring(0, 1 / stiffness(head.stiffnessNmRad));
  const joints = chainJoints(resolved).map((p) => transformPoint(pose.worldFromSpot, p));
  const footing = (foot: BaseDefinition, on: Surface, where: Vec3): readonly Flexibility[] => {
    const radiusM = footRadiusM(foot.grip);
    const surface = SURFACE_STIFFNESS[on.material];
    const own = foot === base ? setUp.fastening : undefined;
    return [baseStiffness(foot, own, stiffness), ...(surface ? [stiffness(surface)] : [])].map((tipping) =>
      movedTo(footOn(tipping, radiusM), where, at),
    );
  };
  const first = sumOf(
    ...footing(base, resolved.placed.spot.surface, joints[0]!),
    ...links.flatMap(({ definition }, i): Flexibility[] => [
      movedTo(linkFlexibility(definition, stiffness, joints[i + 1]!, joints[i + 2]!), joints[i + 2]!, at),
      ...(definition.kind === 'pad' ? [] : [movedTo(joint, joints[i + 1]!, at)]),
    ]),
    movedTo(joint, joints[joints.length - 1]!, at),
  );
  const others = standing.map(({ arm, surface, worldFromBase, from, to }) =>
    sumOf(
      ...footing(arm.base, surface, worldFromBase.position),
      movedTo(joint, from, at),
      movedTo(linkFlexibility(arm.link, stiffness, from, to), to, at),
      movedTo(joint, to, at),
    ),
  );
  const stiffnesses = [first, ...others].map(inverse);
  const together = inverse(sumOf(...stiffnesses));
  return { at, alone: first, together, shares: stiffnesses.map((k) => product(k, together)) };
}

/** A disc on an even bed of springs: tipping k_θ = κπr⁴/4 and sinking κπr² = 4·k_θ/r²; along the surface taken for as stiff. */
const footOn = (tippingNmRad: number, radiusM: number): Flexibility =>
  spring(radiusM ** 2 / (4 * tippingNmRad), 1 / tippingNmRad);

/** A link by itself: a bar by its tip stiffness 3EI/L³ at its shortest; a pad shears and tips as a plate on rubber. */
function linkFlexibility(link: LinkDefinition, pick: RangeEnd, from: Vec3, to: Vec3): Flexibility {
  const tip = pick(link.stiffnessNM);
  if (link.kind === 'pad' || link.kind === 'damper') return spring(1 / tip, 1 / (tip * link.radiusM ** 2));
  return bar(from, to, (tip * link.lengthM.low ** 3) / 3, link.radiusM);
}
