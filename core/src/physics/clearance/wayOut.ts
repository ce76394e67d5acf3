import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { meshOf } from '../../mathematics/geometry/mesh';
import { addScaled, type Vec3 } from '../../mathematics/geometry/vec3';
import { transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import type { PosedRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';

/** How much of one way out is left beside camera and strut. */
export interface WayOutReport {
  readonly name: string;
  /** From the body on its way to camera and strut, metres; negative = in the way. */
  readonly gapM: number;
}

/** How far a body moves before it is out of a cockpit, metres. Estimate 0.7 to 1.2. */
const OUT_M = 0.9;
/** Half the depth of a clothed chest over its height, about which a body getting out needs no more room to slip past. Estimate 0.11 to 0.16. */
const HALF_DEPTH_OF_STATURE = 0.085;

/**
 * The ways out of a cockpit: torso and head of whoever sits there, moved out along each. What is nearer to that than half a clothed
 * chest's depth stands in the way. Empty where nobody is shut in.
 * @param spotPartId what it sits on: a canopy that is thrown off takes it along
 * @param points on camera and strut, world frame, in the stance of the rig
 */
export function waysOut(
  spec: RigSpec,
  rig: PosedRig,
  spotPartId: string,
  points: readonly Vec3[],
): readonly WayOutReport[] {
  const { machine } = resolveRig(spec);
  const { body } = rig;
  if (!machine.waysOut || !body) return [];
  const on = rig.byId.get(spotPartId)?.on;
  const { statureM } = spec;
  const low = body.pelvis.position;
  const high = transformPoint(body.head, [0, 0.06 * statureM, 0]);
  return machine.waysOut
    .filter(({ opens }) => opens === undefined || opens !== on)
    .map(({ name, toward }) => {
      const way = transformDirection(rig.worldFromMachine, toward);
      const patch = meshOf(
        [low, high, addScaled(high, way, OUT_M), addScaled(low, way, OUT_M)],
        [
          [0, 1, 2],
          [0, 2, 3],
        ],
      );
      const nearest = Math.min(...points.map((p) => closestPoint(patch, p)!.distanceM));
      return { name, gapM: nearest - HALF_DEPTH_OF_STATURE * statureM };
    });
}
