import { transformPoint } from '../../mathematics/geometry/pose';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { standingTether } from '../../posing/strut/tethering';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { turningNear } from './turningNear';

/** How far a named tether lets the camera get, and whether it is long enough. */
export interface TetherReach {
  readonly anchorName: string;
  readonly lengthM: number;
  /** What turns nearest to where it is tied, and how much is left between it and the camera at the tether's end, metres; null = nothing turns near. */
  readonly turning: { readonly partName: string; readonly leftM: number } | null;
  /** So much too short, metres: in the set-up stance, and at most in one that is ridden. */
  readonly lacksM: number;
  readonly tight: { readonly stanceName: string; readonly lacksM: number } | null;
}

/** What turns farther off than the camera can get by so much is not told of. Metres. */
const LOOKED_FOR_M = 0.3;

/** Null where no tether is named; 'lost' where what it was tied to is not there. */
export function tetherReach(rig: RigSpec, resolved: ResolvedSetUp): TetherReach | 'lost' | null {
  const { tether, camera } = resolved;
  if (!tether) return null;
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const inStance = (id: string) => {
    const posed = poseRig(rig, id);
    return standingTether(resolved, poseStrut(resolved, setUpRig, posed), posed);
  };
  const standing = inStance(SET_UP_STANCE_ID);
  if (!tether.anchor || !standing) return 'lost';
  const { lengthM } = tether.use;
  const outM = lengthM + Math.max(...camera.bodyM);
  const at = transformPoint(setUpRig.byId.get(tether.anchor.partId)!.worldFromPart, tether.anchor.point);
  const near = turningNear(rig, setUpRig, tether.anchor.partId, [at], outM + LOOKED_FOR_M);
  const tight = resolveRig(rig)
    .machine.stances.filter(({ share }) => share > 0)
    .map(({ id, name }) => ({ stanceName: name, lacksM: inStance(id)?.lacksM ?? 0 }))
    .reduce<TetherReach['tight']>((worst, s) => (s.lacksM > (worst?.lacksM ?? 0) ? s : worst), null);
  return {
    anchorName: tether.anchor.name,
    lengthM,
    turning: near && { partName: near.partName, leftM: near.distanceM - outM },
    lacksM: standing.lacksM,
    tight,
  };
}
