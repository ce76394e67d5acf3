import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { castRay } from '../../mathematics/geometry/bvh';
import { DIRECTIONS } from '../../mathematics/geometry/evenDirections';
import { invert, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { LinkUse } from '../../words/setUp/setUp';
import type { PosedRig } from '../rig/poseRig';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';

/** Share of directions from a sheltered camera that meet the machine within arm's reach. Estimate 0.6 to 0.8. */
const SHELTERED_SHARE = 0.7;
const SHELTER_M = 2.5;

/** Whether a place lies inside the machine: glass, roof and sides around it. */
export function isSheltered(rig: PosedRig, from: Vec3): boolean {
  const hard = rig.parts.filter((part) => part.group === 'machine');
  const near = hard.map((part) => {
    const partFromWorld = invert(part.worldFromPart);
    return { part, origin: transformPoint(partFromWorld, from), partFromWorld };
  });
  const enough = SHELTERED_SHARE * DIRECTIONS.length;
  let [met, left] = [0, DIRECTIONS.length];
  for (const direction of DIRECTIONS) {
    left--;
    const meets = near.some(({ part, origin, partFromWorld }) =>
      castRay(part.mesh, origin, transformDirection(partFromWorld, direction), SHELTER_M),
    );
    if (meets) met++;
    // In the open most are free, and that is soon told.
    if (met >= enough || met + left < enough) break;
  }
  return met >= enough;
}

/** The same, kept: the shelter of a place does not hang on where the lens points. */
export const shelteredIn = (rig: RigSpec, { setUp, placed }: ResolvedSetUp, action: PosedRig, camera: Vec3): boolean =>
  shelters(
    [plainRig(rig), action.stanceId, placed.spot.id, setUp.slideM ?? 0, setUp.baseId, linksKey(setUp.links)].join(' '),
    () => isSheltered(action, camera),
  );

const shelters = keepLatest<boolean>(200);
const plainRig = keyOf(({ machineId, fit, wornIds, statureM }: RigSpec) => [machineId, fit, wornIds, statureM]);
const linksKey = keyOf((links: readonly LinkUse[]) => links);
