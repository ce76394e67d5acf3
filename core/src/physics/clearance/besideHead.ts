import { meshPoint } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { ownPoints } from './ownPoints';

interface Sides {
  readonly left: number;
  readonly right: number;
}

const heads = new WeakMap<PosedRig, Sides | null>();

/** Where head and helmet end to both sides, world z; null without a head. */
function headSides(rig: PosedRig): Sides | null {
  const known = heads.get(rig);
  if (known !== undefined) return known;
  let [left, right] = [Infinity, -Infinity];
  for (const { id, mesh, worldFromPart } of rig.parts) {
    if (!/^(head|helmet)/.test(id)) continue;
    // Every third corner does for extents.
    for (let i = 0; i < mesh.positions.length / 3; i += 3) {
      const [, , z] = transformPoint(worldFromPart, meshPoint(mesh, i));
      left = Math.min(left, z);
      right = Math.max(right, z);
    }
  }
  const made = left < right ? { left, right } : null;
  heads.set(rig, made);
  return made;
}

/** How far camera and strut stand out to the side of head and helmet, metres; 0 where they stay within. @param rig in the stance of the pose */
export function besideHeadM(resolved: ResolvedSetUp, pose: StrutPose, rig: PosedRig): number {
  const head = headSides(rig);
  if (!head) return 0;
  const sideways = ownPoints(resolved, pose).map(([, , z]) => z);
  return Math.max(0, Math.max(...sideways) - head.right, head.left - Math.min(...sideways));
}
