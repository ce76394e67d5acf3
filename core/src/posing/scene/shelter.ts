import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { castRay } from '../../mathematics/geometry/bvh';
import { DIRECTIONS } from '../../mathematics/geometry/evenDirections';
import { inverseOf, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { LinkUse } from '../../words/setUp/setUp';
import type { PosedRig } from '../rig/poseRig';
import { worldFromSpot } from '../rig/spots';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';
import { sunkInto } from './sunkInto';

/** What keeps wind and weather off: nothing, a screen or seats round it with the sky above, or a cabin or canopy all round. */
export type Shelter = 'open' | 'screen' | 'closed';

/** Shares of directions that meet the machine within arm's reach: behind a screen, and shut in. Estimates 0.6 to 0.8, 0.88 to 0.95. */
const SHARES = { screen: 0.7, closed: 0.9 } as const;
const SHELTER_M = 2.5;

const machineParts = ({ parts }: PosedRig) => parts.filter(({ group }) => group === 'machine');

/** How far a place lies inside the machine: glass, roof and sides around it. */
export function shelterAt(rig: PosedRig, from: Vec3): Shelter {
  const near = machineParts(rig).map((part) => {
    const partFromWorld = inverseOf(part.worldFromPart);
    return { part, origin: transformPoint(partFromWorld, from), partFromWorld };
  });
  let [met, left] = [0, DIRECTIONS.length];
  for (const direction of DIRECTIONS) {
    left--;
    const meets = near.some(({ part, origin, partFromWorld }) =>
      castRay(part.mesh, origin, transformDirection(partFromWorld, direction), SHELTER_M),
    );
    if (meets) met++;
    // In the open most are free, and that is soon told.
    if (met + left < SHARES.screen * DIRECTIONS.length) return 'open';
  }
  return met < SHARES.closed * DIRECTIONS.length ? 'screen' : 'closed';
}

/** In front of what a spot lies on, metres. */
const BEFORE_M = 0.02;

/** Where shelter is asked for: a lens that leans into the machine would find walls all round, and stands as its spot does. */
function standsAt({ placed }: ResolvedSetUp, action: PosedRig, camera: Vec3): Vec3 {
  if (!sunkInto(machineParts(action), camera)) return camera;
  return transformPoint(worldFromSpot(action, placed), [0, BEFORE_M, 0]);
}

/** How far a camera lies inside the machine, kept: the shelter of a place does not hang on where the lens points. */
export const shelterIn = (rig: RigSpec, resolved: ResolvedSetUp, action: PosedRig, camera: Vec3): Shelter => {
  const { placed, setUp } = resolved;
  return shelters(
    [plainRig(rig), action.stanceId, placed.spot.id, setUp.slideM ?? 0, setUp.baseId, linksKey(setUp.links)].join(' '),
    () => shelterAt(action, standsAt(resolved, action, camera)),
  );
};

/** Whether it is behind a screen at least. */
export const shelteredIn = (...place: Parameters<typeof shelterIn>): boolean => shelterIn(...place) !== 'open';

const shelters = keepLatest<Shelter>(200);
const plainRig = keyOf(({ machineId, fit, wornIds, statureM }: RigSpec) => [machineId, fit, wornIds, statureM]);
const linksKey = keyOf((links: readonly LinkUse[]) => links);
