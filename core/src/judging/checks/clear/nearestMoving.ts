import { movingAgainst } from '../../../posing/rig/movingAgainst';
import type { CarrierScene } from '../../../posing/scene/carrierScene';
import { seenIn, type Sightlines } from '../../../physics/framing/sightlines';
import type { VisibilityCube } from '../../../physics/framing/visibilityCube';
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
 * What of all that moves against the spot's part comes nearest to the lens, over the stances: the least distance in its visibility
 * cubes. Coarse: hidden things and the sweeps between stances are left to the exact check.
 */
export function nearestMoving(sightlines: Sightlines, partId: string): NearestMoving | null {
  const known = found.get(sightlines);
  if (known) return known.near;
  const ids = moving(sightlines.scene, partId);
  let near: NearestMoving | null = null;
  for (const posed of sightlines.scene.ridden) {
    const { parts, cube } = seenIn(sightlines, posed);
    const counts = Uint8Array.from(parts, (p) => Number(ids.has(p.id)));
    const at = nearestIn(cube, counts, near?.distanceM ?? Infinity);
    if (at >= 0) {
      const part = parts[cube.part[at]!]!;
      near = {
        partName: part.name,
        distanceM: cube.distanceM[at]!,
        stanceName: posed.stance.name,
        soft: isSoft(part),
      };
    }
  }
  found.set(sightlines, { near });
  return near;
}

/** Direction of a cube in which the nearest part that counts is seen, nearer than a limit; −1 where there is none. */
function nearestIn({ part, distanceM }: VisibilityCube, counts: Uint8Array, limitM: number): number {
  let best = limitM;
  let at = -1;
  for (let i = 0; i < part.length; i++) {
    const index = part[i]!;
    if (index < 0 || counts[index] === 0 || distanceM[i]! >= best) continue;
    best = distanceM[i]!;
    at = i;
  }
  return at;
}
