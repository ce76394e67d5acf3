import { movingAgainst } from '../../../posing/rig/movingAgainst';
import type { CarrierScene } from '../../../posing/scene/carrierScene';
import { lensIn, type Sightlines } from '../../../physics/framing/sightlines';
import { closestPoint } from '../../../mathematics/geometry/closestPoint';
import { inverseOf, transformPoint } from '../../../mathematics/geometry/pose';
import { isSoft } from '../../../physics/clearance/strikes';

interface NearestMoving {
  readonly partName: string;
  readonly distanceM: number;
  readonly stanceName: string;
  readonly soft: boolean;
}

const moving = ({ setUpRig, ridden }: CarrierScene, partId: string): ReadonlySet<string> =>
  movingAgainst(
    setUpRig,
    ridden.map((p) => p.rig),
    partId,
  );

const found = new WeakMap<Sightlines, { readonly near: NearestMoving | null }>();

/**
 * What of all that moves against the spot's part comes nearest to the lens, over the stances. Coarse: the strut and the sweeps between stances are
 * left to the exact check.
 */
export function nearestMoving(sightlines: Sightlines, partId: string): NearestMoving | null {
  const known = found.get(sightlines);
  if (known) return known.near;
  const { scene } = sightlines;
  const ids = moving(scene, partId);
  let near: NearestMoving | null = null;
  for (const posed of scene.ridden) {
    const from = lensIn(sightlines, posed);
    for (const part of posed.seen) {
      if (!ids.has(part.id)) continue;
      const local = transformPoint(inverseOf(part.worldFromPart), from);
      const met = closestPoint(part.mesh, local, near?.distanceM);
      if (met)
        near = { partName: part.name, distanceM: met.distanceM, stanceName: posed.stance.name, soft: isSoft(part) };
    }
  }
  found.set(sightlines, { near });
  return near;
}
