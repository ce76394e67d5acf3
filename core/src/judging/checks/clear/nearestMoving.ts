import { movingAgainst } from '../../../physics/clearance/movingAgainst';
import type { CarrierScene } from '../../../posing/scene/carrierScene';
import { seenIn, type Sightlines } from '../../../physics/framing/sightlines';
import { closestPoint } from '../../../mathematics/geometry/closestPoint';
import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import type { VisibilityCube } from '../../../physics/framing/visibilityCube';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolveSetUp';

export interface NearestMoving {
  readonly partName: string;
  readonly distanceM: number;
  readonly stanceName: string;
}

const moving = ({ setUpRig, ridden }: CarrierScene, partId: string): ReadonlySet<string> =>
  movingAgainst(
    setUpRig,
    ridden.map((p) => p.rig),
    partId,
  );

const found = new WeakMap<Sightlines, { readonly near: NearestMoving | null }>();

/** The same from every surface, seen or not, for a strut that is checked in full: no cubes are cast. */
export function nearestMovingTo(scene: CarrierScene, resolved: ResolvedSetUp): NearestMoving | null {
  const ids = moving(scene, resolved.placed.spot.partId);
  let near: NearestMoving | null = null;
  for (const { stance, rig } of scene.ridden) {
    const lens = poseStrut(resolved, scene.setUpRig, rig).worldFromCamera.position;
    for (const { id, name, mesh, worldFromPart } of rig.parts) {
      if (!ids.has(id)) continue;
      const found = closestPoint(mesh, transformPoint(invert(worldFromPart), lens), near?.distanceM ?? Infinity);
      if (found) near = { partName: name, distanceM: found.distanceM, stanceName: stance.name };
    }
  }
  return near;
}

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
      const { name } = parts[cube.part[at]!]!;
      near = { partName: name, distanceM: cube.distanceM[at]!, stanceName: posed.stance.name };
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
