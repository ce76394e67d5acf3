import { rotate } from '../../mathematics/geometry/rotation';
import { dot, UP } from '../../mathematics/geometry/vec3';
import { poseRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseStrut } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { partRays } from '../light/partRays';

/** Faces straight down, as far as a chest that lies does: cosine against the upright. Estimate −0.6 to −0.75. */
const FACES_DOWN = -0.7;
/** Whoever lies so near over something hard comes down on it at the first bump. Estimate 0.1 to 0.2 m. */
const LIES_WITHIN_M = 0.15;

/** Where somebody lies on what they wear. */
export interface LiesOn {
  readonly stanceName: string;
  readonly partName: string;
}

/** The first stance in which a body is prone on the machine with the camera under it; null where none is. */
export function liesOn(rig: RigSpec, resolved: ResolvedSetUp): LiesOn | null {
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  for (const { id, name, share } of resolveRig(rig).machine.stances) {
    if (share <= 0) continue;
    const posed = poseRig(rig, id);
    const { worldFromSpot } = poseStrut(resolved, setUpRig, posed);
    const outward = rotate(worldFromSpot.rotation, UP);
    if (dot(outward, UP) > FACES_DOWN) continue;
    const machine = posed.parts.filter(({ group, bends }) => group === 'machine' && !bends);
    const hit = partRays(machine).nearest(worldFromSpot.position, outward, LIES_WITHIN_M);
    if (hit) return { stanceName: name, partName: hit.part.name };
  }
  return null;
}
